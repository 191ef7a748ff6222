<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\Audited;
use App\Models\Concerns\MomentField;
use Carbon\CarbonInterface;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Pebblefell\System\Sheet\DataField;
use Pebblefell\System\Sheet\FieldList;
use Symfony\Component\Uid\Uuid;

/**
 * Keeps what a customer signed after the walk through the vehicle: their name, the strokes as SVG path data in a box of WIDTH × HEIGHT,
 * when, and the SHA-256 of the job's file as it stood. Added to, never changed.
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

    /** Lists what the job file holds of it. */
    public static function fields(): FieldList
    {
        return FieldList::once(self::class, static fn(): array => [
            DataField::text('name', 120)->required(),
            DataField::text('strokes', 60_000)->matching('^(M\\d{1,3} \\d{1,3}(L\\d{1,3} \\d{1,3})*)*$')->required(),
            DataField::text('sha256', 0)->matching('^[0-9a-f]{64}$')->required(),
            DataField::text('by', 120)->required(),
            MomentField::field('at', 'signed_at'),
        ]);
    }

    /**
     * @param array<string, string> $file as fields() writes it
     */
    public static function fromFile(array $file): self
    {
        return (new self())->forceFill([...self::fields()->read($file), 'client_id' => (string) Uuid::v4()]);
    }
}
