<?php

declare(strict_types=1);

namespace Pebblefell\Quantity;

use Pebblefell\Exception\InvalidValue;

/** Hours of a day from one clock time to another; may wrap past midnight (22 → 6). */
final readonly class HourSpan
{
    private function __construct(public float $fromH, public float $toH)
    {
    }

    /**
     * @param float $fromH 0 to 24
     * @param float $toH 0 to 24, unlike $fromH; smaller means the next day
     *
     * @throws InvalidValue at /from_h or /to_h
     */
    public static function of(float $fromH, float $toH): self
    {
        Guard::between($fromH, 0.0, 24.0, '/from_h');
        Guard::between($toH, 0.0, 24.0, '/to_h');
        if ($fromH === $toH || ($fromH === 24.0 && $toH === 0.0)) {
            throw InvalidValue::at('/to_h', 'differs-from-start');
        }

        return new self($fromH, $toH);
    }

    /**
     * @return list<array{float, float}> one or two stretches with start < end, inside 0 to 24
     */
    public function stretches(): array
    {
        if ($this->fromH < $this->toH) {
            return [[$this->fromH, $this->toH]];
        }

        return array_values(array_filter([[0.0, $this->toH], [$this->fromH, 24.0]], static fn(array $s): bool => $s[0] < $s[1]));
    }

    /** Hours that this span shares with the stretch from $startH to $endH (start < end, inside one day). */
    public function overlapH(float $startH, float $endH): float
    {
        $hours = 0.0;
        foreach ($this->stretches() as [$from, $to]) {
            $hours += max(0.0, min($to, $endH) - max($from, $startH));
        }

        return $hours;
    }
}
