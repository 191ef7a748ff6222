<?php

declare(strict_types=1);

namespace App\Record;

use App\Models\Handover;
use App\Models\Job;
use App\Models\Part;
use App\Models\Photo;
use Intervention\Image\Exceptions\RuntimeException as ImageFault;
use Intervention\Image\ImageManager;
use Intervention\Image\Interfaces\ImageInterface;
use RuntimeException;

/**
 * Photographs: re-encoded as JPEG, turned upright, made smaller, without location or camera data; on the private disk in their job's
 * folder, under the hash of their bytes.
 */
final class PhotoStore
{
    /** Larger ones would not fit into memory. Chosen. */
    private const MOST_PIXELS = 80_000_000;

    /** Sections of EXIF that tell of camera or place. */
    private const TELLING = ['IFD0', 'EXIF', 'GPS', 'INTEROP', 'MAKERNOTE', 'THUMBNAIL'];

    /**
     * @param ?string $clientId of the device that sent it: the same picture is kept once
     *
     * @throws RuntimeException when the bytes are not a picture that can be read
     */
    public static function keep(Part $part, string $bytes, string $caption, ?string $clientId = null, string $shows = ''): Photo
    {
        $there = $clientId === null ? null : Photo::query()->where('client_id', $clientId)->first();
        if ($there !== null) {
            return $there;
        }
        $size = @getimagesizefromstring($bytes);
        if ($size === false || $size[0] * $size[1] > self::MOST_PIXELS) {
            throw new RuntimeException('is not a picture that can be read here (JPEG, PNG or WebP, up to 80 megapixels)');
        }
        $image = self::read($bytes);
        $longest = (int) config('pebblefell.photo.longest_px');
        $jpeg = (string) $image->scaleDown($longest, $longest)->toJpeg(quality: (int) config('pebblefell.photo.quality'), strip: true);

        return self::store($part, $jpeg, $image->width(), $image->height(), $caption, $clientId, $shows);
    }

    /**
     * A picture from a job file: it must already be as clean as ours are, and is then kept byte for byte.
     *
     * @throws RuntimeException when it is not
     */
    public static function keepClean(Part $part, string $jpeg, string $caption, string $shows = ''): Photo
    {
        [$width, $height] = self::checkClean($jpeg);

        return self::store($part, $jpeg, $width, $height, $caption, null, $shows);
    }

    /**
     * @return array{int, int} width and height
     *
     * @throws RuntimeException unless it is a JPEG without metadata
     */
    public static function checkClean(string $jpeg): array
    {
        $size = @getimagesizefromstring($jpeg);
        if ($size === false || $size[2] !== IMAGETYPE_JPEG || $size[0] * $size[1] > self::MOST_PIXELS) {
            throw new RuntimeException('is not a JPEG picture that can be read here');
        }
        $sections = array_keys((array) self::read($jpeg)->exif()?->toArray());
        if (array_intersect($sections, self::TELLING) !== [] || str_contains($jpeg, '<x:xmpmeta')) {
            throw new RuntimeException('carries camera or location data');
        }

        return [$size[0], $size[1]];
    }

    public static function bytes(Photo $photo): string
    {
        return (string) Files::disk()->get($photo->path);
    }

    /** One that a job has, or had: an issued pack shows it though its row be gone. */
    public static function bytesOf(int $job, string $sha256): string
    {
        $own = self::path($job, $sha256);

        return (string) Files::disk()->get(Files::disk()->exists($own) ? $own : self::shared($sha256));
    }

    /** Where the pictures of a job lie, all of them and nothing else. */
    public static function folder(int $job): string
    {
        return "photos/job-$job";
    }

    /**
     * Pictures of a job that lie where all jobs' once lay, and that no other job shows.
     *
     * @return list<string> paths
     */
    public static function ofNobodyElse(Job $job): array
    {
        $mine = Photo::query()->whereIn('part_id', $job->parts()->select('id'))->pluck('sha256');
        $packs = $job->handovers()->pluck('pictures')->flatten();
        $others = Photo::query()->whereNotIn('part_id', $job->parts()->select('id'));
        $shown = Handover::query()->where('job_id', '!=', $job->id)->whereNotNull('pictures')->pluck('pictures')->flatten();

        return array_values(array_map(self::shared(...), array_filter(
            [...$mine, ...$packs],
            static fn(?string $sha256): bool => $sha256 !== null && !$shown->contains($sha256)
                && !$others->clone()->where('path', self::shared($sha256))->exists(),
        )));
    }

    private static function path(int $job, string $sha256): string
    {
        return self::folder($job) . "/$sha256.jpg";
    }

    /** Where a picture lies that was kept before each job had a folder: once for all jobs that show it. */
    private static function shared(string $sha256): string
    {
        return 'photos/' . substr($sha256, 0, 2) . "/$sha256.jpg";
    }

    private static function read(string $bytes): ImageInterface
    {
        try {
            return ImageManager::gd(autoOrientation: true, decodeAnimation: false, blendingColor: 'ffffff', strip: true)->read($bytes);
        } catch (ImageFault $e) {
            throw new RuntimeException('is not a picture that can be read here (JPEG, PNG or WebP)', 0, $e);
        }
    }

    private static function store(
        Part $part,
        string $jpeg,
        int $width,
        int $height,
        string $caption,
        ?string $clientId,
        string $shows,
    ): Photo {
        $hash = hash('sha256', $jpeg);
        $path = self::path((int) $part->job_id, $hash);
        Files::put($path, $jpeg);

        return $part->photos()->create([
            'sha256' => $hash,
            'path' => $path,
            'caption' => $caption,
            'shows' => $shows,
            'width_px' => $width,
            'height_px' => $height,
            'client_id' => $clientId,
        ]);
    }
}
