<?php

declare(strict_types=1);

namespace App\Actions\Balance;

use App\Models\BalanceBattery;
use Carbon\CarbonInterface;
use Illuminate\Database\UniqueConstraintViolationException;
use Pebblefell\Balance\BalanceStep;
use Pebblefell\Balance\BatteryReading;
use Pebblefell\Balance\Subject;
use Symfony\Component\Uid\Uuid;

/**
 * The one way of a reading into the log: by hand, from a file, from the simulated bench or from a real instrument.
 *
 * A reading carries an id made by whoever read it; sent twice, it is kept once. When the volts show that bulk is over, the battery
 * moves on to absorption by itself: what a charger does, nobody has to press.
 */
final class LogReading
{
    /** So close to absorption volts bulk is over, V a cell. Chosen. */
    private const THERE_V = 0.005;

    /**
     * @param BatteryReading $reading its second is that of $at
     * @param string  $source  hand, file, feed or bench
     *
     * @return bool whether it was new
     */
    public function __invoke(
        BalanceBattery $battery,
        Subject $subject,
        CarbonInterface $at,
        BatteryReading $reading,
        string $source,
        string $by = '',
        ?string $clientId = null,
    ): bool {
        try {
            $battery->readings()->create([
                'client_id' => $clientId ?? (string) Uuid::v4(),
                'read_at' => $at,
                'volts' => $reading->volts,
                'amps' => $reading->amps,
                'celsius' => $reading->celsius,
                'cells' => $reading->cells,
                'step' => $battery->step->value,
                'source' => $source,
                'by' => $by,
            ]);
        } catch (UniqueConstraintViolationException) {
            return false;
        }
        if ($battery->step === BalanceStep::Charging && $at->greaterThanOrEqualTo($battery->since) && in_array(
            BalanceStep::Absorbing,
            $battery->session->protocol->steps(),
            true,
        ) && $reading->volts >= $subject->absorptionV - self::THERE_V * $subject->cells) {
            $battery->changeTo(['step' => BalanceStep::Absorbing, 'since' => $at]);
        }

        return true;
    }
}
