// Prints the bench's figures as ratios, from the runs at 10 and at 2,000 jobs.
import { readFileSync } from 'node:fs';

const [small, large] = process.argv.slice(2).map((file) => JSON.parse(readFileSync(file, 'utf8')));
const row = (...cells) => console.log(cells.map((cell, i) => (i === 0 ? String(cell).padEnd(16) : String(cell).padStart(18))).join(''));

console.log(`\nServer time, median, against the bare route (${small.medians.bare.toFixed(2)} ms) of the same framework on the same server; goal ≤ 3`);
row('page', 'at 10 jobs', 'at 2,000 jobs', 'growth (goal ≤ 1.3)');
let good = true;
for (const name of Object.keys(small.shipped)) {
    const [a, b] = [small.medians[name] / small.medians.bare, large.medians[name] / large.medians.bare];
    good &&= a <= 3 && b / a <= 1.3;
    row(name, `${a.toFixed(2)} ×`, `${b.toFixed(2)} ×`, `${(b / a).toFixed(2)} ×`);
}
console.log('\nFirst visit ships, compressed, without fonts; goal ≤ 150 kB');
for (const [name, bytes] of Object.entries(small.shipped)) {
    good &&= bytes <= 150_000;
    row(name, `${(bytes / 1000).toFixed(1)} kB`, `${(bytes / 150_000).toFixed(2)} of goal`);
}
console.log(good ? '\nAll goals met.' : '\nSome goal is missed.');
