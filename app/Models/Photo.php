<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\Audited;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A photograph of a part. The bytes lie on the private disk under `path`, as long as its job is there: an issued pack
 * may show them, and who took it away may put it back.
 *
 * @property int $job_id
 * @property string $shows as in core's Photo
 */
final class Photo extends Row
{
    use Audited;

    protected $table = 'photos';

    protected $fillable = ['part_id', 'sha256', 'path', 'caption', 'shows', 'width_px', 'height_px', 'client_id'];

    protected $attributes = ['caption' => '', 'shows' => ''];

    /** A picture is part of the job's model. */
    protected static function booted(): void
    {
        $touch = static function (self $photo): void {
            Job::moved($photo->job_id);
        };
        self::saved($touch);
        self::deleted($touch);
    }

    /** The job that it is of. */
    public function getJobIdAttribute(): int
    {
        return (int) Part::query()->whereKey($this->part_id)->value('job_id');
    }

    /**
     * @return BelongsTo<Part, $this>
     */
    public function part(): BelongsTo
    {
        return $this->belongsTo(Part::class);
    }
}
