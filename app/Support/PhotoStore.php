<?php

declare(strict_types=1);

namespace App\Support;

use App\Models\Part;
use App\Models\Photo;
use GdImage;
use Illuminate\Support\Facades\Storage;
use RuntimeException;

/**
 * Photographs: re-encoded as JPEG, turned upright, made smaller, without location or camera data; on the private disk under
 * the hash of their bytes.
 */
final class PhotoStore
{
    /**
     * @throws RuntimeException when the bytes are not a picture that can be read
     */
    public static function keep(Part $part, string $bytes, string $caption): Photo
    {
        [$jpeg, $width, $height] = self::clean($bytes);

        return self::store($part, $jpeg, $width, $height, $caption);
    }

    /**
     * A picture from a job file: it must already be as clean as ours are, and is then kept byte for byte.
     *
     * @throws RuntimeException when it is not
     */
    public static function keepClean(Part $part, string $jpeg, string $caption): Photo
    {
        [$width, $height] = self::checkClean($jpeg);

        return self::store($part, $jpeg, $width, $height, $caption);
    }

    /**
     * @return array{int, int} width and height
     * @throws RuntimeException unless it is a JPEG without metadata
     */
    public static function checkClean(string $jpeg): array
    {
        $size = @getimagesizefromstring($jpeg);
        if ($size === false || $size[2] !== IMAGETYPE_JPEG) {
            throw new RuntimeException('is not a JPEG picture');
        }
        if (str_contains(substr($jpeg, 0, 65_536), "Exif\0\0") || str_contains($jpeg, '<x:xmpmeta')) {
            throw new RuntimeException('carries camera or location data');
        }

        return [$size[0], $size[1]];
    }

    public static function bytes(Photo $photo): string
    {
        return (string) Storage::disk('private')->get($photo->path);
    }

    private static function store(Part $part, string $jpeg, int $width, int $height, string $caption): Photo
    {
        $hash = hash('sha256', $jpeg);
        $path = 'photos/' . substr($hash, 0, 2) . "/$hash.jpg";
        Storage::disk('private')->put($path, $jpeg);

        return $part->photos()->create(['sha256' => $hash, 'path' => $path, 'caption' => $caption, 'width_px' => $width, 'height_px' => $height]);
    }

    /**
     * @return array{string, int, int} JPEG bytes, width, height
     */
    private static function clean(string $bytes): array
    {
        $size = @getimagesizefromstring($bytes);
        if ($size === false || $size[0] * $size[1] > 80_000_000) {
            throw new RuntimeException('is not a picture that can be read here (JPEG, PNG or WebP, up to 80 megapixels)');
        }
        $image = @imagecreatefromstring($bytes);
        if ($image === false) {
            throw new RuntimeException('is not a picture that can be read here (JPEG, PNG or WebP)');
        }
        $image = self::upright($image, $bytes);
        $longest = (int) config('pebblefell.photo.longest_px');
        $scale = min(1.0, $longest / max(imagesx($image), imagesy($image)));
        [$width, $height] = [max(1, (int) round(imagesx($image) * $scale)), max(1, (int) round(imagesy($image) * $scale))];
        $canvas = imagecreatetruecolor($width, $height);
        imagefill($canvas, 0, 0, (int) imagecolorallocate($canvas, 255, 255, 255));
        imagecopyresampled($canvas, $image, 0, 0, 0, 0, $width, $height, imagesx($image), imagesy($image));
        ob_start();
        imagejpeg($canvas, null, (int) config('pebblefell.photo.quality'));

        return [(string) ob_get_clean(), $width, $height];
    }

    private static function upright(GdImage $image, string $bytes): GdImage
    {
        $exif = @exif_read_data('data://image/jpeg;base64,' . base64_encode($bytes));
        $turn = match (is_array($exif) ? ($exif['Orientation'] ?? 1) : 1) {
            3 => 180,
            6 => 270,
            8 => 90,
            default => 0,
        };

        return $turn === 0 ? $image : (imagerotate($image, $turn, 0) ?: $image);
    }
}
