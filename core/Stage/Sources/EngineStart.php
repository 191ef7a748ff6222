<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Sources;

use Pebblefell\Finding\Figure;
use Pebblefell\Finding\Origin;
use Pebblefell\Study;
use Pebblefell\System\Part;

/** Starting the engine from the house bank when the starter battery is flat: straight through a relay, or by charging it first. */
final readonly class EngineStart
{
    /** Holds what a starter asks for in the first second, A. Common practice: 300 to 600 for a van's diesel. */
    public const CRANK_A = 400.0;

    /** Charge that a flat starter battery needs before it turns the engine, Ah. Common practice: a few per cent. */
    public const NEEDED_AH = 6.0;

    /** A small charger back to the starter side, A. Common practice. */
    public const CHARGER_A = 15.0;

    private function __construct(public Figure $bankA, public Figure $minutes, public bool $byRelay)
    {
    }

    /** Null without a planned bank, or at a voltage that no starter runs on. */
    public static function of(Study $study): ?self
    {
        $case = $study->banks()->planned;
        if ($case->bank === null || $study->system->vehicle->systemV > 24.0) {
            return null;
        }
        $each = static fn(Part $p): float => $p->data->orUsual('discharge_30s_a');
        $strings = array_chunk(array_map($each, $case->parts), max(1, $case->bank->series));
        $amps = array_sum(array_map(static fn(array $s): float => min($s), $strings));
        $bank = new Figure(
            'the-bank-gives-for-seconds',
            $amps,
            'A',
            'the-bank-gives-for-seconds',
            [Figure::given('of-one-battery', $each($case->parts[0]), 'A', Origin::DataSheet)],
            'data-sheet',
        );
        $how = 'by-charging-the-starter-battery-first';
        $minutes = new Figure($how, 60.0 * self::NEEDED_AH / self::CHARGER_A, 'min', $how, [
            Figure::given('charge-needed', self::NEEDED_AH, 'Ah', Origin::Assumed, 'common-practice'),
            Figure::given('charger', self::CHARGER_A, 'A', Origin::Assumed, 'small-charger'),
        ], 'common-practice');

        return new self($bank, $minutes, $amps >= self::CRANK_A);
    }
}
