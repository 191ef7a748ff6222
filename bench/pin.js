// From a move of the pin on the endurance map to its painted answer, in the browser: the median of many moves, beside fetching and painting the
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
    const bare = await page.evaluate(async () => {
        const durations = [];
        for (let i = 0; i < 40; i += 1) {
            const began = performance.now();
            document.title = `${await (await fetch('/here', { credentials: 'same-origin' })).text()} ${i}`;
            await new Promise((resolve) => { requestAnimationFrame(() => setTimeout(resolve, 0)); });
            durations.push(performance.now() - began);
        }
        return durations;
    });
    out[what] = { moves: times.length, median_ms: median(times), worst_ms: Math.max(...times), bare_ms: median(bare) };
}
await browser.close();
console.log(JSON.stringify(out));
