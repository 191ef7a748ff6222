<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Size;

use Pebblefell\Bank\Bank;
use Pebblefell\Chemistry\Chemistry;
use Pebblefell\Exception\InvalidValue;
use Pebblefell\Study;
use Pebblefell\System\HouseBank;
use Pebblefell\System\Part;
use Pebblefell\System\PartKind;
use Pebblefell\System\Sheet\DataSheet;

/** So many of one battery: the smallest bank of them that lasts the wished days and gives the worst moment. */
final readonly class BankProposal
{
    /** Larger banks than this are another kind of job. */
    private const MOST = 24;

    private function __construct(public int $count, public float $days, public float $usableWh, public float $massKg, public Bank $bank)
    {
    }

    /**
     * @param array<string, mixed> $sheet a battery's data sheet
     * @param ?Chemistry $chemistry null: that of the target
     *
     * @return ?self null when the battery is of another chemistry than the target, or cannot make the volts or the wish
     */
    public static function of(Study $study, array $sheet, ?Chemistry $chemistry = null): ?self
    {
        if (($sheet['chemistry'] ?? '') !== ($chemistry ?? $study->system->target)->value || $study->loads()->budget->energyWhDay <= 0.0) {
            return null;
        }
        $energy = $study->loads()->energy();
        $systemV = $study->system->vehicle->systemV;
        $series = Bank::seriesFor((float) $sheet['nominal_v'], $systemV);
        try {
            $part = new Part('x', PartKind::Battery, DataSheet::of(PartKind::Battery, $sheet));
            for ($count = $series; $count <= self::MOST; $count += $series) {
                $bank = Bank::forSystem(array_fill(0, $count, HouseBank::battery($part, $study->system->travel->school)), $systemV);
                $usable = $study->banks()->usableWh($bank);
                $limit = $bank->dischargeLimitA();
                if ($usable >= $energy->value * $study->system->travel->wishDays
                    && ($limit === null || $limit >= $study->loads()->budget->peakA())) {
                    return new self($count, $usable / $energy->value, $usable, $bank->massKg(), $bank);
                }
            }
        } catch (InvalidValue) {
            return null;
        }

        return null;
    }
}
