<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\Audited;
use Carbon\CarbonImmutable;
use Carbon\CarbonInterface;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Symfony\Component\Uid\Uuid;

/**
 * What a customer signed after the walk through the vehicle: their name, the strokes as SVG path data in a box of WIDTH × HEIGHT, when, and
 * the SHA-256 of the job's file as it stood. Added to, never changed.
 *
 * @property int             $job_id
 * @property string          $name
 * @property string          $strokes '' where it was signed by name alone
 * @property string          $sha256
 * @property string          $by who handed over
 * @property CarbonInterface $signed_at
 */
final class Signature extends Row
{
    use Audited;

    public const WIDTH = 600;
    public const HEIGHT = 180;

    /** Strokes of whole numbers: nothing else may stand in a path that is printed. */
    public const PATTERN = '/^(M\d{1,3} \d{1,3}(L\d{1,3} \d{1,3})*)*$/';

    protected $table = 'signatures';

    protected $fillable = ['client_id', 'name', 'strokes', 'sha256', 'by', 'signed_at'];

    protected $casts = ['signed_at' => 'datetime'];

    /**
     * @return BelongsTo<Job, $this>
     */
    public function job(): BelongsTo
    {
        return $this->belongsTo(Job::class);
    }

    /**
     * @return array<string, string> as the job file has it
     */
    public function toFile(): array
    {
        return [
            'name' => $this->name, 'strokes' => $this->strokes, 'sha256' => $this->sha256, 'by' => $this->by,
            'at' => $this->signed_at->copy()->utc()->format('Y-m-d\TH:i:s\Z'),
        ];
    }

    /**
     * @param array<string, string> $file as toFile() gives it
     */
    public static function fromFile(array $file): self
    {
        return new self([
            ...array_intersect_key($file, array_flip(['name', 'strokes', 'sha256', 'by'])),
            'signed_at' => CarbonImmutable::parse($file['at'])->utc(),
            'client_id' => (string) Uuid::v4(),
        ]);
    }
}
