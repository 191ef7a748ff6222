<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\Audited;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\URL;
use Spatie\Activitylog\LogOptions;

/**
 * A pack as it was issued: the job file of that moment, so that what the customer got never changes under their hands.
 *
 * @property ?Carbon $revoked_at
 * @property Carbon  $created_at
 */
final class Handover extends Model
{
    use Audited;

    protected $fillable = ['number', 'token', 'document', 'issued_by', 'revoked_at'];

    protected $casts = ['revoked_at' => 'datetime'];

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
    public function link(string $route = 'pack.show', array $parameters = []): string
    {
        return url(URL::signedRoute($route, ['handover' => $this, ...$parameters], absolute: false));
    }

    protected static function booted(): void
    {
        self::saved(static function (self $handover): void {
            Job::query()->whereKey($handover->job_id)->toBase()->increment('revision');
        });
    }

    public function getActivitylogOptions(): LogOptions
    {
        return LogOptions::defaults()->logOnly(['number', 'issued_by', 'revoked_at'])->logOnlyDirty();
    }
}
