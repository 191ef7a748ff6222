<?php

declare(strict_types=1);

namespace App\Models\Concerns;

use App\Models\Job;
use BackedEnum;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A row of a job's model. Its columns stand in the job file under the names of FILE: file key => column.
 *
 * @phpstan-require-extends Model
 *
 * @property int $job_id
 */
trait JobRow
{
    use Audited;
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

    /**
     * @return array<string, mixed> the row in the job file's terms
     */
    public function toFile(): array
    {
        $file = [];
        foreach (self::FILE as $key => $column) {
            $value = $this->getAttribute($column);
            $file[$key] = $value instanceof BackedEnum ? $value->value : $value;
        }

        return $file;
    }

    /**
     * @param array<string, mixed> $file a row of the job file
     */
    public static function fromFile(array $file): static
    {
        $row = new static();
        foreach (self::FILE as $key => $column) {
            if (isset($file[$key])) {
                $row->setAttribute($column, $file[$key]);
            }
        }

        return $row;
    }
}
