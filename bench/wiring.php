<?php

declare(strict_types=1);

/*
 * A circuit of 20 and of 200 parts: all rules, what opens in every state, the one-line drawing, the safe point; each against reading the
 * same job file, and how it grows. Prints JSON.
 */

use Pebblefell\Stage\Wiring\OneLine;
use Pebblefell\Stage\Wiring\OpensMatrix;
use Pebblefell\Stage\Wiring\SafePoint;
use Pebblefell\Stage\Wiring\Shown;
use Pebblefell\Study;
use Pebblefell\System\JobFile;

require __DIR__ . '/../vendor/autoload.php';

$job = static function (int $parts): array {
    $rows = $leads = [];
    $part = static function (string $uid, string $kind, array $data) use (&$rows): void {
        $rows[] = ['uid' => $uid, 'kind' => $kind, 'fate' => 'add', 'data' => $data];
    };
    $lead = static function (string $from, string $to) use (&$leads): void {
        $leads[] = ['uid' => 'c' . count($leads), 'from' => $from, 'to' => $to, 'fate' => 'add', 'size_mm2' => 16, 'length_m' => 1];
    };
    $part('b1', 'battery', ['chemistry' => 'lfp', 'nominal_v' => 12.8, 'capacity_ah' => 200, 'internal_mohm' => 3]);
    $part('f1', 'fuse', ['rating_a' => 300, 'family' => 'class_t']);
    $part('w1', 'switch', ['rating_a' => 300]);
    $part('x1', 'busbar', ['rating_a' => 300]);
    foreach ([['b1.plus', 'f1.in'], ['f1.out', 'w1.in'], ['w1.out', 'x1.bar']] as [$from, $to]) {
        $lead($from, $to);
    }
    $kinds = [
        ['distribution_box', ['circuits' => 8], 'supply_plus'], ['regulator', ['technology' => 'mppt', 'max_charge_a' => 20, 'max_pv_v' => 100], 'battery_plus'],
        ['inverter', ['continuous_w' => 300], 'battery_plus'], ['mains_charger', ['output_a' => 20], 'output_plus'],
    ];
    for ($n = 0; count($rows) + 2 <= $parts; ++$n) {
        [$kind, $data, $at] = $kinds[$n % 4];
        $part("g$n", 'fuse', ['rating_a' => 30, 'family' => 'blade']);
        $part("d$n", $kind, $data);
        $lead('x1.bar', "g$n.in");
        $lead("g$n.out", "d$n.$at");
    }

    return [
        'title' => 'T', 'region' => 'europe', 'target_chemistry' => 'lfp', 'client' => ['name' => 'C'], 'vehicle' => ['kind' => 'van', 'system_v' => 12], 'travel' => ['months' => [6]],
        'parts' => $rows, 'conductors' => $leads,
    ];
};
$median = static function (callable $do): float {
    $ms = [];
    for ($i = 0; $i < 9; ++$i) {
        $began = hrtime(true);
        $do();
        $ms[] = (hrtime(true) - $began) / 1e6;
    }
    sort($ms);

    return $ms[4];
};
$figures = [];
foreach ([20, 200] as $parts) {
    $file = $job($parts);
    $study = static fn(): Study => Study::of(JobFile::fromArray($file));
    $figures[$parts] = [
        'read' => $median($study),
        'rules' => $median(static fn(): int => count($study()->assessment()->verdicts)),
        'opens' => $median(static fn(): int => OpensMatrix::of($study())->dangers()),
        'drawing' => $median(static fn(): ?int => OneLine::of($study(), Shown::Planned, false)?->crossings),
        'safe point' => $median(static fn(): int => count(SafePoint::of($study(), 'd0')->steps ?? [])),
    ];
}
echo json_encode($figures), "\n";
