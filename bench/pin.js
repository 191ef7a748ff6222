// From a move of the pin on the endurance map, and of a rung on the ladder, to its painted answer, in the browser: the median of many moves, beside fetching and painting the
// bare route in the same page. Prints JSON.
import { chromium } from '@playwright/test';

const base = process.env.PEBBLEFELL_URL;
const browser = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox', '--disable-gpu'] });
const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
await page.goto(`${base}/sign-in`);
await page.getByLabel('E-mail').fill('planner@selhavn.example');
await page.getByLabel('Password').fill('north-of-sixty');
await page.getByRole('button', { name: 'Sign in' }).click();
await page.getByRole('link', { name: 'Library trailer' }).first().click();
const job = new URL(page.url()).pathname.match(/^\/jobs\/\d+/)[0];
const median = (list) => [...list].sort((a, b) => a - b)[Math.floor(list.length / 2)];
const out = {};
const bare = () => page.evaluate(async () => {
    const durations = [];
    for (let i = 0; i < 40; i += 1) {
        const began = performance.now();
        document.title = `${await (await fetch('/here', { credentials: 'same-origin' })).text()} ${i}`;
        await new Promise((resolve) => { requestAnimationFrame(() => setTimeout(resolve, 0)); });
        durations.push(performance.now() - began);
    }
    return durations;
});
for (const [what, month] of [['month', 10], ['year', 0]]) {
    await page.goto(`${base}${job}/size?month=${month}`);
    await page.waitForFunction(() => document.documentElement.dataset.listens === 'yes');
    const box = await page.locator('svg[data-map]').boundingBox();
    await page.mouse.move(box.x + box.width * 0.2, box.y + box.height * 0.7);
    await page.mouse.down();
    for (let i = 0; i < 40; i += 1) {
        const before = await page.evaluate(() => performance.getEntriesByName('pin-to-paint').length);
        const at = i % 20;
        await page.mouse.move(box.x + box.width * (0.2 + 0.03 * at), box.y + box.height * (0.7 - 0.025 * ((i * 7) % 20)));
        await page.waitForFunction((n) => performance.getEntriesByName('pin-to-paint').length > n, before, { timeout: 3000 }).catch(() => {});
    }
    await page.mouse.up();
    const times = await page.evaluate(() => performance.getEntriesByName('pin-to-paint').map((e) => e.duration));
    out[what] = { moves: times.length, median_ms: median(times), worst_ms: Math.max(...times), bare_ms: median(await bare()) };
}
// A rung of the ladder, moved by keys: from the key to the painted page, the plan written meanwhile.
await page.goto(`${base}/jobs/2/settings`);
await page.waitForFunction(() => document.documentElement.dataset.listens === 'yes');
const moved = [];
for (let i = 0; i < 24; i += 1) {
    moved.push(await page.evaluate(async (up) => {
        const rung = [...document.querySelectorAll('[data-ladder] [data-rung]')].find((r) => r.dataset.rung.startsWith('float_v'));
        rung.focus();
        const done = new Promise((resolve) => { document.addEventListener('page:morphed', resolve, { once: true }); });
        // Keys are gathered for half a second; the clock runs from when the move is sent.
        let began = 0;
        document.addEventListener('submit', () => { began = performance.now(); }, { once: true, capture: true });
        rung.dispatchEvent(new KeyboardEvent('keydown', { key: up ? 'ArrowUp' : 'ArrowDown', bubbles: true }));
        await done;
        await new Promise((resolve) => { requestAnimationFrame(() => setTimeout(resolve, 0)); });
        return performance.now() - began;
    }, i % 2 === 0));
    await page.waitForTimeout(150);
}
out.rung = { moves: moved.length, median_ms: median(moved), worst_ms: Math.max(...moved), bare_ms: median(await bare()) };
await browser.close();
console.log(JSON.stringify(out));
