<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\Audited;
use App\Models\Concerns\MomentField;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\URL;
use Illuminate\Support\Str;
use Pebblefell\System\Sheet\DataField;
use Pebblefell\System\Sheet\FieldList;
use Spatie\Activitylog\LogOptions;

/**
 * A pack as it was issued: the job file of that moment, the page, the PDF's bytes and which pictures, so that what the customer got never
 * changes under their hands, whatever the rules say later.
 *
 * @property ?string $page body of the page, HTML
 * @property ?string $pdf bytes
 * @property ?list<string> $pictures SHA-256 of each
 * @property string $language in which it is written
 * @property string $sha256 of the job file in it
 * @property ?string $night the page for two in the morning, HTML
 * @property ?Carbon $expires_on last day on which its link opens
 * @property int $number
 * @property string $document the job file in it
 * @property string $issued_by
 * @property int $revision the job's, when it was issued
 * @property int $opened how often its page was opened by the link
 * @property ?Carbon $revoked_at
 * @property Carbon  $created_at
 */
final class Handover extends Row
{
    use Audited;

    protected $table = 'handovers';

    protected $fillable = [
        'number',
        'token',
        'document',
        'page',
        'pdf',
        'pictures',
        'issued_by',
        'revoked_at',
        'language',
        'sha256',
        'night',
        'expires_on',
    ];

    protected $casts = ['revoked_at' => 'datetime', 'pictures' => 'array', 'expires_on' => 'date'];

    /**
     * @return BelongsTo<Job, $this>
     */
    public function job(): BelongsTo
    {
        return $this->belongsTo(Job::class);
    }

    /**
     * A customer's private link: signed, and good behind any host name.
     *
     * @param array<string, string> $parameters
     */
    public function link(string $route = 'pack.show', array $parameters = [], bool $absolute = true): string
    {
        $path = URL::signedRoute($route, ['handover' => $this, ...$parameters], absolute: false);

        return $absolute ? url($path) : $path;
    }

    /** Lists what the job file holds of it. */
    public static function fields(): FieldList
    {
        return FieldList::once(self::class, static fn(): array => [
            DataField::integer('number', 1, 10_000)->required(),
            DataField::text('issued_by', 120)->as('issued_by')->required(),
            MomentField::field('at', 'created_at'),
            DataField::choice('language', ['en', 'de'])->required(),
            DataField::text('sha256', 0)->matching('^[0-9a-f]{64}$')->required(),
            DataField::text('document', 80_000_000)->required(),
        ]);
    }

    /**
     * Reads a pack that came with a file: laid out when it is first opened. Its link is a new one.
     *
     * @param array<string, mixed> $file as fields() writes it
     */
    public static function fromFile(array $file): self
    {
        return (new self())->forceFill([...self::fields()->read($file), 'token' => Str::random(40), 'revision' => 0]);
    }

    /** Its link opens. */
    public function isGood(): bool
    {
        return $this->revoked_at === null
            && ($this->expires_on === null || Workshop::current()->today() <= $this->expires_on->format('Y-m-d'));
    }

    /** The day on which it was issued, where the workshop is. */
    public function issuedOn(string $format = 'Y-m-d'): string
    {
        return Workshop::current()->local($this->created_at)->format($format);
    }

    public function fileName(string $ending): string
    {
        return (Str::slug((string) $this->job?->title) ?: 'pack') . '-pack-' . $this->number . '.' . $ending;
    }

    protected static function booted(): void
    {
        self::saved(static function (self $handover): void {
            Job::moved($handover->job_id);
        });
    }

    public function getActivitylogOptions(): LogOptions
    {
        return LogOptions::defaults()->logOnly(['number', 'issued_by', 'revoked_at'])->logOnlyDirty();
    }
}
