<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Carbon\CarbonImmutable;
use Carbon\CarbonInterface;
use Illuminate\Validation\Validator;

/**
 * What may have waited on a device for a network: it carries an id that was made there, and when it was noted.
 *
 * @phpstan-require-extends FormRequest
 */
trait FromOutbox
{
    /** A device's clock may be ahead by so many minutes. Chosen. */
    private static int $aheadMin = 10;

    /**
     * @return array<string, list<string>>
     */
    private function outboxRules(): array
    {
        return ['client_id' => ['nullable', 'uuid'], 'read_at' => ['nullable', 'date'], 'sure' => ['boolean']];
    }

    /** What lies in the future was noted by a wrong clock. */
    private function checkClock(Validator $validator, string $field = 'read_at'): void
    {
        if ($this->at()->greaterThan(CarbonImmutable::now()->addMinutes(self::$aheadMin))) {
            $validator->errors()->add($field, 'It lies in the future: is the clock of the device right?');
        }
    }

    public function at(): CarbonInterface
    {
        return ($this->filled('read_at') ? CarbonImmutable::parse($this->string('read_at')->toString()) : CarbonImmutable::now())->utc();
    }

    /** Null where it did not come from a device's store. */
    public function clientId(): ?string
    {
        return $this->filled('client_id') ? $this->string('client_id')->toString() : null;
    }
}
