<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Job;
use Carbon\CarbonImmutable;
use Carbon\CarbonInterface;
use Illuminate\Validation\Validator;

/**
 * Reads what may have waited on a device for a network: it carries an id that was made there, and when it was noted, by the device's own
 * clock. With each sending the device says what that clock shows now, so that the moment can be put right.
 *
 * @phpstan-require-extends FormRequest
 */
trait FromOutbox
{
    /** Where a device does not say what its clock shows, it may be ahead by so many minutes. Chosen. */
    private static int $aheadMin = 10;

    /**
     * A clock that differs by less than so many seconds is taken as right. Chosen: longer than a request is under way, or what was noted
     * quickly one after another would change its order with the network's delay.
     */
    private static int $rightS = 20;

    /**
     * @return array<string, list<string>>
     */
    private function outboxRules(): array
    {
        return [
            'client_id' => ['nullable', 'uuid'],
            'read_at' => ['nullable', 'date'],
            'device_now' => ['nullable', 'date'],
            'sure' => ['boolean'],
        ];
    }

    /** Refuses what lies in the future: it was noted by a wrong clock. */
    private function checkClock(Validator $validator, string $field = 'read_at'): void
    {
        if ($this->noted()->greaterThan(CarbonImmutable::now()->addMinutes(self::$aheadMin))) {
            $validator->errors()->add($field, 'It lies in the future: is the clock of the device right?');
        }
    }

    /** When it was noted: by the server's clock, not later than now, and not before there was a job. */
    public function at(): CarbonInterface
    {
        $job = $this->route('job');
        $at = $this->noted()->min(CarbonImmutable::now());

        return ($job instanceof Job && $job->created_at !== null ? $at->max($job->created_at) : $at)->utc();
    }

    /** By the device's clock, put right by what that shows while it sends. */
    private function noted(): CarbonImmutable
    {
        $now = CarbonImmutable::now();
        if (!$this->filled('read_at')) {
            return $now;
        }
        $at = CarbonImmutable::parse($this->string('read_at')->toString());

        $slowMs = $this->filled('device_now')
            ? (int) CarbonImmutable::parse($this->string('device_now')->toString())->diffInMilliseconds($now)
            : 0;

        return abs($slowMs) < self::$rightS * 1000 ? $at : $at->addMilliseconds($slowMs);
    }

    /** Null where it did not come from a device's store. */
    public function clientId(): ?string
    {
        return $this->filled('client_id') ? $this->string('client_id')->toString() : null;
    }
}
