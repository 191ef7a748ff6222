<?php

declare(strict_types=1);

namespace App\Record;

use App\Models\Handover;
use App\Models\Job;
use App\Models\Part;
use App\Models\Photo;
use App\Models\SentOtherwise;
use RuntimeException;

/**
 * Photographs of parts, as CleanPicture lets them in; on the private disk in their job's folder, under the hash of their bytes.
 */
final class PhotoStore
{
    /**
     * Keeps a picture as somebody took it.
     *
     * @param ?string $clientId of the device that sent it: the same picture is kept once
     *
     * @throws RuntimeException when the bytes are not a picture that can be read
     * @throws SentOtherwise when its id came with something else before
     */
    public static function keep(Part $part, string $bytes, string $caption, ?string $clientId = null, string $shows = ''): Photo
    {
        $picture = CleanPicture::taken($bytes);
        $before = $clientId === null ? null : Photo::query()->where('client_id', $clientId)->first();
        if ($before !== null) {
            return [$before->part_id, $before->sha256, $before->caption] === [$part->id, hash('sha256', $picture->jpeg), $caption]
                ? $before
                : throw new SentOtherwise();
        }

        return self::store($part, $picture, $caption, $clientId, $shows);
    }

    /**
     * Keeps a picture from a job file.
     *
     * @throws RuntimeException when it is none
     */
    public static function keepClean(Part $part, string $jpeg, string $caption, string $shows = ''): Photo
    {
        return self::store($part, CleanPicture::kept($jpeg), $caption, null, $shows);
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

    private static function store(Part $part, CleanPicture $picture, string $caption, ?string $clientId, string $shows): Photo
    {
        $hash = hash('sha256', $picture->jpeg);
        $path = self::path((int) $part->job_id, $hash);
        Files::put($path, $picture->jpeg);

        return $part->photos()->create([
            'sha256' => $hash,
            'path' => $path,
            'caption' => $caption,
            'shows' => $shows,
            'width_px' => $picture->width,
            'height_px' => $picture->height,
            'client_id' => $clientId,
        ]);
    }
}
