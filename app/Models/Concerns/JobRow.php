<?php

declare(strict_types=1);

namespace App\Models\Concerns;

use App\Models\Job;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * Belongs to a job's model: any change of it is one of the model.
 *
 * @phpstan-require-extends Model
 *
 * @property int $job_id
 */
trait JobRow
{
    use Audited;
    use InFile;
    use Versioned;

    /** Any change of a row makes the job's digest stale. */
    public static function bootJobRow(): void
    {
        $touch = static function (Model $row): void {
            Job::moved((int) $row->getAttribute('job_id'));
        };
        static::saved($touch);
        static::deleted($touch);
    }

    /**
     * @return BelongsTo<Job, $this>
     */
    public function job(): BelongsTo
    {
        return $this->belongsTo(Job::class);
    }
}
