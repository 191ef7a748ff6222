<?php

/**
 * One year in 15-minute steps against the same algorithm in C, and the whole endurance map against one simulation.
 *
 * Prints JSON: times in ms and what both sides came to, so that it is seen that they did the same work. Run by `./pebblefell bench`.
 */

declare(strict_types=1);

require __DIR__ . '/../vendor/autoload.php';

use Pebblefell\Chemistry\Chemistry;
use Pebblefell\Inverter\Inverter;
use Pebblefell\Load\Appliance;
use Pebblefell\Load\Budget;
use Pebblefell\Load\LoadSide;
use Pebblefell\Quantity\DayHours;
use Pebblefell\Quantity\HourSpan;
use Pebblefell\Trip\DayLoads;
use Pebblefell\Trip\DaySum;
use Pebblefell\Trip\DriveSource;
use Pebblefell\Trip\EnduranceMap;
use Pebblefell\Trip\SolarSource;
use Pebblefell\Trip\Store;
use Pebblefell\Trip\Trip;
use Pebblefell\Trip\TripDay;
use Pebblefell\Trip\Weather;
use Pebblefell\Trip\WeatherDay;

$binary = $argv[1];
$hours = static fn(float $a, float $b): DayHours => DayHours::of([HourSpan::of($a, $b)]);
$budget = Budget::of([
    Appliance::of('fridge', 45, $hours(0, 24), LoadSide::Dc, 1, 32),
    Appliance::of('light', 36, $hours(15, 21)),
    Appliance::of('kettle', 1000, $hours(10, 10.25), LoadSide::Ac),
    Appliance::of('desk', 65, $hours(9, 17), LoadSide::Ac),
], Inverter::of(90, 12, false), 12);
$weather = Weather::ofMeans(63.1, [0.30, 0.36, 0.42, 0.46, 0.48, 0.46, 0.43, 0.43, 0.40, 0.35, 0.30, 0.27], [-3.5, -3.8, -2.4, 0.6, 4.4, 7.6, 9.8, 9.9, 7.1, 3.6, 0.2, -2.4]);
$days = array_map(static fn(WeatherDay $d): TripDay => new TripDay($d, $d->dayOfYear % 3 === 0), $weather->year);
$best = static function (callable $work, int $times): array {
    $least = INF;
    $result = null;
    for ($i = 0; $i < $times; ++$i) {
        $start = hrtime(true);
        $result = $work();
        $least = min($least, (hrtime(true) - $start) / 1e6);
    }

    return [$least, $result];
};
$out = [];
foreach ([Chemistry::Lfp, Chemistry::Agm] as $chemistry) {
    $store = Store::of($chemistry, $chemistry->cellsFor(12), 200);
    $solar = SolarSource::of(400, maxChargeA: 30);
    $drive = DriveSource::of(30, $hours(10, 11));
    $loads = DayLoads::of($budget, 96);
    $trip = Trip::of($store, $loads, 63.1, [$solar], $drive);
    [$ms, $outcome] = $best(static fn() => $trip->through($days), 7);
    $numbers = [
        (int) $chemistry->isLithium(), 25, $store->capacityAh, $store->usableShare, $store->ohm, $store->absorptionV, 1e12, 1e12, $store->chargeFloorC, $chemistry->dischargeFloorC(),
        $chemistry->coulombicEfficiency(), $chemistry->selfDischargePerDay(), $chemistry->resistanceGrowthPerC(), $chemistry->acceptanceH(), $store->massKg, $store->kinetic->c ?? 1.0, $store->kinetic->kPerH ?? 1.0,
        63.1, $solar->watts, $solar->noctC, $solar->powerPerC, $solar->losses, $solar->maxChargeA, $drive->outputA, $loads->efficiency, ...$store->restVolts(),
    ];
    for ($k = 0; $k < 96; ++$k) {
        array_push($numbers, $loads->dcW[$k], $loads->acW[$k], $loads->idleW[$k], $k >= 40 && $k < 44 ? 1 : 0);
    }
    foreach ($days as $day) {
        array_push($numbers, $day->weather->dayOfYear, $day->weather->clearness, $day->weather->minC, $day->weather->maxC, (int) $day->drives);
    }
    $pipe = proc_open([$binary], [['pipe', 'r'], ['pipe', 'w'], STDERR], $pipes);
    fwrite($pipes[0], implode(' ', array_map(static fn($n): string => is_int($n) ? (string) $n : sprintf('%.17g', $n), $numbers)));
    fclose($pipes[0]);
    [$cMs, $cServed, $cSoc] = array_map(floatval(...), explode(' ', trim((string) stream_get_contents($pipes[1]))));
    proc_close($pipe);
    $served = $outcome->sum(static fn(DaySum $d): float => $d->servedWh);
    $out[$chemistry->value] = ['php_ms' => $ms, 'c_ms' => $cMs, 'ratio' => $ms / $cMs, 'served_wh' => $served, 'c_served_wh' => $cServed, 'soc' => $outcome->socPct[count($outcome->socPct) - 1], 'c_soc' => $cSoc];
    if ($chemistry === Chemistry::Lfp) {
        [$mapMs] = $best(static fn() => EnduranceMap::of($trip, $days, 0.5)->servedPct(array_map(floatval(...), range(10, 400, 10)), array_map(floatval(...), range(0, 780, 20))), 3);
        $out['map'] = ['ms' => $mapMs, 'cells' => 1600, 'simulations' => $mapMs / $ms];
    }
}
echo json_encode($out, JSON_PRETTY_PRINT), "\n";
