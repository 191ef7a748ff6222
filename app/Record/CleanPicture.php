<?php

declare(strict_types=1);

namespace App\Record;

use Intervention\Image\Exceptions\RuntimeException as ImageFault;
use Intervention\Image\ImageManager;
use RuntimeException;

/**
 * A JPEG that shows what it shows and tells nothing else: no place, no camera, no comment, nothing behind its end. The one door by which
 * pictures come in: from the form, the outbox, a job file, an owner's message, a restored backup.
 */
final readonly class CleanPicture
{
    /** Larger ones are not decoded: they hold a worker for seconds. Chosen. */
    private const MOST_PIXELS = 40_000_000;

    private const SOI = "\xFF\xD8";
    private const EOI = "\xFF\xD9";
    private const SOS = 0xDA;
    private const JFIF = 0xE0;
    private const ADOBE = 0xEE;
    private const COMMENT = 0xFE;

    /** Holds what the encoder of this machine writes into each picture, and pictures of earlier releases hold. */
    private const ENCODER = 'CREATOR: gd-jpeg v';

    private function __construct(public string $jpeg, public int $width, public int $height)
    {
    }

    /**
     * A picture as somebody took it: turned upright, made smaller, encoded anew.
     *
     * @throws RuntimeException when the bytes are no JPEG, PNG or WebP that can be read, or too many pixels
     */
    public static function taken(string $bytes): self
    {
        self::size($bytes);
        $longest = (int) config('pebblefell.photo.longest_px');
        try {
            $image = ImageManager::gd(autoOrientation: true, decodeAnimation: false, blendingColor: 'ffffff', strip: true)->read($bytes)
                ->scaleDown($longest, $longest);
            $jpeg = (string) $image->toJpeg(quality: (int) config('pebblefell.photo.quality'), strip: true);
        } catch (ImageFault $e) {
            throw self::unreadable($e);
        }

        return new self(self::bare($jpeg) ?? throw self::unreadable(), $image->width(), $image->height());
    }

    /**
     * A picture that was taken in before, here or elsewhere: byte for byte, but for what it should not tell.
     *
     * @throws RuntimeException when it is no JPEG that can be read, or too many pixels
     */
    public static function kept(string $jpeg): self
    {
        [$width, $height, $type] = self::size($jpeg);
        if ($type !== IMAGETYPE_JPEG) {
            throw self::unreadable();
        }
        if (self::isTurned($jpeg)) {
            return self::taken($jpeg);
        }

        return new self(self::bare($jpeg) ?? throw self::unreadable(), $width, $height);
    }

    public static function isClean(string $jpeg): bool
    {
        return self::bare($jpeg) === $jpeg;
    }

    /**
     * @return array{int, int, int} width, height and type, by its header
     *
     * @throws RuntimeException
     */
    private static function size(string $bytes): array
    {
        $size = @getimagesizefromstring($bytes);
        if ($size === false) {
            throw self::unreadable();
        }
        if ($size[0] * $size[1] > self::MOST_PIXELS) {
            throw new RuntimeException('has more than 40 megapixels: make it smaller first');
        }

        return [$size[0], $size[1], $size[2]];
    }

    private static function isTurned(string $jpeg): bool
    {
        $stream = fopen('php://temp', 'r+');
        assert($stream !== false);
        fwrite($stream, $jpeg);
        rewind($stream);
        $exif = @exif_read_data($stream);
        fclose($stream);

        return is_array($exif) && !in_array((int) ($exif['Orientation'] ?? 1), [0, 1], true);
    }

    /** The segments without which there is no picture, and nothing else (ITU-T T.81, annex B); null: it is no JPEG. */
    private static function bare(string $jpeg): ?string
    {
        if (!str_starts_with($jpeg, self::SOI)) {
            return null;
        }
        $bare = self::SOI;
        for ($at = 2, $end = strlen($jpeg); $at + 3 < $end;) {
            if ($jpeg[$at] !== "\xFF") {
                return null;
            }
            $marker = ord($jpeg[$at + 1]);
            if ($marker === 0xFF) {
                ++$at;
                continue;
            }
            $length = 2 + (ord($jpeg[$at + 2]) << 8 | ord($jpeg[$at + 3]));
            $segment = substr($jpeg, $at, $length);
            $at += $length;
            if ($marker === self::SOS) {
                // Light and dark, up to the next marker: within, FF is followed by 00, or by a restart.
                $scan = preg_match('/\xFF(?![\x00\xD0-\xD7\xFF])/', $jpeg, $m, PREG_OFFSET_CAPTURE, $at) === 1 ? $m[0][1] : $end;
                $segment .= substr($jpeg, $at, $scan - $at);
                $at = $scan;
            }
            if (self::isPicture($marker, $segment)) {
                $bare .= $segment;
            }
            if (substr($jpeg, $at, 2) === self::EOI) {
                return $bare . self::EOI;
            }
        }

        return null;
    }

    private static function isPicture(int $marker, string $segment): bool
    {
        return match (true) {
            $marker === self::JFIF => str_starts_with(substr($segment, 4), "JFIF\0") && strlen($segment) === 18,
            $marker === self::ADOBE => str_starts_with(substr($segment, 4), 'Adobe') && strlen($segment) === 16,
            $marker === self::COMMENT => str_starts_with(substr($segment, 4), self::ENCODER),
            // Tables, frames, scans and restarts; not what applications add, nor JPEG's own extensions.
            default => $marker >= 0xC0 && $marker < 0xE0,
        };
    }

    private static function unreadable(?ImageFault $because = null): RuntimeException
    {
        return new RuntimeException('is not a picture that can be read here (JPEG, PNG or WebP, up to 40 megapixels)', 0, $because);
    }
}
