<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\Versioned;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * A monitor's log as its owner sent it.
 *
 * @property string                      $form    csv or jsonl
 * @property list<string>                $header  its columns, in order
 * @property ?array<string, string|bool> $columns which is what: time, volts, amps, charge, sun; out_is_positive; null until somebody
 *     has said so
 * @property int                         $bytes
 * @property int                         $read_bytes
 * @property int                         $read_lines up to there, empty ones too
 * @property int                         $rows
 * @property int                         $refused lines that could not be read
 * @property ?Carbon                     $finished_at
 * @property ?list<array<string, mixed>>  $days    what each day came to, when it was read
 */
final class LogFile extends Row
{
    use Versioned;

    /** Says what is taken. */
    public const IS = 'A log is a CSV file with its columns named in the first line, or JSON with an object a line.';

    /** Lists what a column may be. */
    public const MEANINGS = ['time', 'volts', 'amps', 'charge', 'sun'];

    protected $table = 'log_files';

    protected $fillable = [
        'name', 'path', 'form', 'header', 'columns', 'bytes', 'read_bytes', 'rows', 'refused', 'first_fault', 'finished_at', 'by',
        'days',
    ];

    protected $casts = [
        'header' => 'array', 'columns' => 'array', 'finished_at' => 'datetime', 'days' => 'array', 'bytes' => 'integer',
        'read_bytes' => 'integer', 'read_lines' => 'integer',
    ];

    /**
     * @return BelongsTo<Job, $this>
     */
    public function job(): BelongsTo
    {
        return $this->belongsTo(Job::class);
    }

    public function isRead(): bool
    {
        return $this->finished_at !== null;
    }

    /** 0 to 100. */
    public function percent(): int
    {
        return $this->isRead() ? 100 : (int) floor(100.0 * $this->read_bytes / max(1, $this->bytes));
    }
}
