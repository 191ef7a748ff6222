<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\Audited;
use App\Models\Concerns\Versioned;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\URL;
use Spatie\Activitylog\LogOptions;

/**
 * An offer as it was made, and what the customer said to it.
 *
 * @property int                  $job_id
 * @property int                  $number
 * @property string               $token
 * @property array<string, mixed> $document lines, sums and choices, see App\Pack\OfferText
 * @property Carbon               $valid_until
 * @property ?Carbon              $withdrawn_at
 * @property ?Carbon              $accepted_at
 * @property string               $accepted_by
 * @property ?list<string>        $accepted uids of the choices that were taken
 * @property string               $accepted_hash
 * @property ?Carbon              $taken_at
 * @property Carbon               $created_at
 */
final class Offer extends Row
{
    use Audited;
    use Versioned;

    protected $table = 'offers';

    protected $fillable = [
        'number',
        'token',
        'document',
        'valid_until',
        'issued_by',
        'withdrawn_at',
        'accepted_at',
        'accepted_by',
        'accepted',
        'accepted_hash',
        'taken_at',
    ];

    protected $casts = [
        'document' => 'array',
        'accepted' => 'array',
        'valid_until' => 'date',
        'withdrawn_at' => 'datetime',
        'accepted_at' => 'datetime',
        'taken_at' => 'datetime',
    ];

    protected $attributes = ['lock_version' => 1, 'accepted_by' => '', 'accepted_hash' => ''];

    /**
     * @return BelongsTo<Job, $this>
     */
    public function job(): BelongsTo
    {
        return $this->belongsTo(Job::class);
    }

    /** The customer's private link: signed, and good behind any host name. */
    public function link(string $route = 'offer.show', bool $absolute = true): string
    {
        $path = URL::signedRoute($route, ['offer' => $this], absolute: false);

        return $absolute ? url($path) : $path;
    }

    /** It can still be accepted. */
    public function isOpen(): bool
    {
        return $this->withdrawn_at === null && $this->accepted_at === null && $this->holdsToday();
    }

    /** Its last day is not over, by the workshop's clock. */
    private function holdsToday(): bool
    {
        return Workshop::current()->today() <= $this->valid_until->format('Y-m-d');
    }

    /** Hashes what ties a name, a time and choices to what was offered. */
    public function hash(string $name, string $at): string
    {
        return hash('sha256', json_encode([$this->token, $this->document, $name, $at, $this->accepted ?? []], JSON_THROW_ON_ERROR));
    }

    public function getActivitylogOptions(): LogOptions
    {
        return LogOptions::defaults()->logOnly(
            ['number', 'issued_by', 'withdrawn_at', 'accepted_at', 'accepted_by', 'taken_at'],
        )->logOnlyDirty();
    }
}
