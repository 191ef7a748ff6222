<?php

declare(strict_types=1);

/*
 * Sixteen batteries on one bank: this program's network against ngspice on the same netlist, and how it grows from 4 to 64.
 * ngspice is timed whole, as a program would have to call it, and by its own count of the analysis alone.
 */

use Pebblefell\Bank\Layout;
use Pebblefell\Bank\Network;
use Pebblefell\Bank\Source;

require __DIR__ . '/../vendor/autoload.php';

$bank = static function (int $count): array {
    $ids = array_map(static fn(int $i): string => "B$i", range(1, $count));

    return [array_map(static fn(string $id): Source => Source::of($id, 13.2, 0.004), $ids), Layout::Across->links($ids, 0.0003, 0.0006)];
};
$median = static function (callable $do, int $times): float {
    $ms = [];
    for ($i = 0; $i < $times; ++$i) {
        $began = hrtime(true);
        $do();
        $ms[] = (hrtime(true) - $began) / 1e6;
    }
    sort($ms);

    return $ms[intdiv($times, 2)];
};
$solve = static function (int $count) use ($bank, $median): float {
    [$sources, $links] = $bank($count);
    $do = static fn(): float => Network::of($sources, $links, Layout::POSITIVE, Layout::NEGATIVE)->share(200.0)->bankV;
    for ($i = 0; $i < 20; ++$i) {
        $do();
    }

    return $median($do, 41);
};
[$sources, $links] = $bank(16);
$node = static fn(string $n): string => $n === Layout::NEGATIVE ? '0' : 'n_' . bin2hex($n);
$net = ['* bank'];
foreach ($sources as $i => $s) {
    $net[] = sprintf('V%d x%d %s %.15g', $i, $i, $node($s->minus()), $s->ocvV);
    $net[] = sprintf('R%d x%d %s %.15g', $i, $i, $node($s->plus()), $s->ohm);
}
foreach ($links as $i => $l) {
    $net[] = sprintf('RL%d %s %s %.15g', $i, $node($l->from), $node($l->to), $l->ohm);
}
array_push($net, 'I1 ' . $node(Layout::POSITIVE) . ' 0 200', '.control', 'op', 'print v(' . $node(Layout::POSITIVE) . ')', 'rusage all', 'quit', '.endc', '.end');
$file = (string) tempnam(sys_get_temp_dir(), 'pebblefell-bench-');
file_put_contents($file, implode("\n", $net) . "\n");
$said = '';
$spice = $median(static function () use ($file, &$said): void {
    $said = (string) shell_exec('ngspice -b ' . escapeshellarg($file) . ' 2>&1');
}, 9);
unlink($file);
preg_match('/^v\([^)]*\) = (\S+)/m', $said, $volts);
preg_match('/Total analysis time \(seconds\) = (\S+)/', $said, $analysis);
$growth = [];
foreach ([4, 8, 16, 32, 64] as $count) {
    $growth[$count] = $solve($count);
}
echo json_encode([
    'ms' => $growth[16],
    'ngspice_ms' => $spice,
    'ngspice_analysis_ms' => 1000.0 * (float) ($analysis[1] ?? 0),
    'volts' => Network::of($sources, $links, Layout::POSITIVE, Layout::NEGATIVE)->share(200.0)->bankV,
    'ngspice_volts' => (float) ($volts[1] ?? 0),
    'growth' => $growth,
], JSON_THROW_ON_ERROR), "\n";
