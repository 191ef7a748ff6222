// Prints the bench's figures as ratios: pages at 10 and at 10,000 jobs, the simulation, the pin, the bank.
import { readFileSync } from 'node:fs';

const [small, large, trip, pin, network, wiring, log, pack] = process.argv.slice(2).map((file) => JSON.parse(readFileSync(file, 'utf8')));
const row = (...cells) => console.log(cells.map((cell, i) => (i === 0 ? String(cell).padEnd(16) : String(cell).padStart(18))).join(''));

console.log(`\nServer time, median, against the bare route (${small.medians.bare.toFixed(2)} ms) with a session and a signed-in person, on the same server; goal ≤ 3, Size ≤ 4`);
row('page', 'at 10 jobs', 'at 10,000 jobs', 'growth (goal ≤ 1.2)');
let good = true;
for (const name of Object.keys(small.shipped)) {
    const [a, b] = [small.medians[name] / small.medians.bare, large.medians[name] / large.medians.bare];
    good &&= a <= (name === 'Size' ? 4 : 3) && b / a <= 1.2;
    row(name, `${a.toFixed(2)} ×`, `${b.toFixed(2)} ×`, `${(b / a).toFixed(2)} ×`);
}
console.log('\nFirst visit ships, compressed, without fonts; goal ≤ 150 kB');
for (const [name, bytes] of Object.entries(small.shipped)) {
    good &&= bytes <= 150_000;
    row(name, `${(bytes / 1000).toFixed(1)} kB`, `${(bytes / 150_000).toFixed(2)} of goal`);
}
console.log('\nOne year in 15-minute steps against the same algorithm in C at -O2; goal ≤ 3');
for (const name of ['lfp', 'agm']) {
    const { ratio, php_ms: php, c_ms: c, served_wh: a, c_served_wh: b } = trip[name];
    good &&= ratio <= 3 && Math.abs(a - b) < 1e-3 * a;
    row(name, `${ratio.toFixed(1)} ×`, `${php.toFixed(0)} ms`, `C ${c.toFixed(1)} ms`);
}
console.log('\nThe whole map, 1,600 cells of a full year, against one simulation; goal ≤ 120');
good &&= trip.map.simulations <= 120;
row('map', `${trip.map.simulations.toFixed(1)} ×`, `${trip.map.ms.toFixed(0)} ms`);
console.log('\nFrom a move of the pin to its painted answer, median in the browser, against fetching and painting the bare route there; goal ≤ 2');
for (const [name, { moves, median_ms: median, worst_ms: worst, bare_ms: bare }] of Object.entries(pin)) {
    good &&= median <= 2 * bare;
    row(name, `${(median / bare).toFixed(2)} ×`, `${median.toFixed(0)} ms`, `${moves} moves, worst ${worst.toFixed(0)}`);
}
console.log('\nSixteen batteries on one bank against ngspice on the same netlist; goal ≥ 100 times as fast');
const faster = network.ngspice_ms / network.ms;
good &&= faster >= 100 && Math.abs(network.volts - network.ngspice_volts) < 1e-3 * network.volts;
row('bank of 16', `${faster.toFixed(0)} ×`, `${network.ms.toFixed(3)} ms`, `ngspice ${network.ngspice_ms.toFixed(1)} ms`);
const batteries = Object.keys(network.growth).map(Number);
row('growth', ...batteries.map((n) => `${n}: ${(network.growth[n] / network.growth[batteries[0]]).toFixed(1)} ×`));
console.log('\nA circuit of 20 and of 200 parts, each against the bare route above; growth goal ≤ 15');
for (const what of Object.keys(wiring[20]).filter((key) => key !== 'read')) {
    const growth = wiring[200][what] / wiring[20][what];
    good &&= growth <= 15;
    row(what, `${(wiring[20][what] / small.medians.bare).toFixed(2)} ×`, `${(wiring[200][what] / small.medians.bare).toFixed(2)} ×`, `growth ${growth.toFixed(1)}`);
}
console.log('\nA pack as PDF against a plain document of as many pages and letters; goal ≤ 3');
good &&= pack.seconds <= 3 * pack.plain_seconds;
row('pack', `${(pack.seconds / pack.plain_seconds).toFixed(1)} ×`, `${(1000 * pack.seconds).toFixed(0)} ms`, `${pack.pages} pages`);
console.log('\nA log of a million rows, read piece by piece, against LOAD DATA of the same file; goal ≤ 20, at most 64 MB');
good &&= log.seconds <= 20 * log.load_seconds && log.peak_mb <= 64 && log.rows === 1_000_000;
row('log', `${(log.seconds / log.load_seconds).toFixed(1)} ×`, `${log.seconds.toFixed(0)} s`, `${log.peak_mb.toFixed(0)} MB`);
console.log(good ? '\nAll goals met.' : '\nSome goal is missed.');
