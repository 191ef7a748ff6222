<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/** A photograph of a part. The bytes lie on the private disk under `path`. */
final class Photo extends Model
{
    protected $fillable = ['sha256', 'path', 'caption', 'width_px', 'height_px'];

    protected $attributes = ['caption' => ''];

    /** A picture is part of the job's model. */
    protected static function booted(): void
    {
        $touch = static function (self $photo): void {
            Job::query()->whereIn('id', Part::query()->whereKey($photo->part_id)->select('job_id'))->toBase()->increment('revision');
        };
        self::saved($touch);
        self::deleted($touch);
    }

    /**
     * @return BelongsTo<Part, $this>
     */
    public function part(): BelongsTo
    {
        return $this->belongsTo(Part::class);
    }
}
