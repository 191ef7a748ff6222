import { readFileSync } from 'node:fs';
import { opens } from '../../resources/js/gate.js';
import { test, expect, signIn, openJob, listens } from './help.js';

const here = (page) => page.locator('.run-step:not([hidden])');

async function openSheet(page, title) {
    await page.goto('/');
    await page.getByRole('link', { name: title }).first().click();
    await page.locator('.skyline').getByRole('link', { name: /^Day plan/ }).click();
    await page.waitForURL(/day-plan/);
    await listens(page);
    await page.getByRole('link', { name: /^(Begin the run sheet|Go on)$/ }).click();
    await page.waitForURL(/day-plan\/steps/);
    await listens(page);
}

test('the run sheet on a phone: a step a screen, partly without a network, and a gate that only a reading opens', async ({ page, browser }) => {
    test.setTimeout(180_000);
    await page.setViewportSize({ width: 390, height: 844 });
    await signIn(page, 'technician');
    await openSheet(page, 'Library trailer');
    const address = page.url().split('#')[0];
    await page.waitForFunction(() => document.documentElement.dataset.offlineReady === 'yes');
    await expect(page.locator('.run-step:visible')).toHaveCount(1);
    await expect(here(page).getByRole('heading')).toHaveText('Guard and warn');
    await here(page).getByRole('button', { name: 'Done, next' }).click();
    await expect(here(page).getByRole('heading')).toHaveText('Pictures first');
    // Back and on by keys.
    await page.keyboard.press('ArrowLeft');
    await expect(here(page).getByRole('heading')).toHaveText('Guard and warn');
    await expect(here(page).getByText('done', { exact: true })).toBeVisible();
    await page.keyboard.press('ArrowRight');

    await page.context().setOffline(true);
    await here(page).getByRole('button', { name: 'Done, next' }).click();
    await expect(here(page).getByRole('heading')).toHaveText('Volts as found');
    await here(page).getByLabel('Measured').first().fill('12,4');
    await here(page).getByRole('button', { name: 'Done, next' }).click();
    await expect(page.locator('[data-unsent]')).toHaveAttribute('data-unsent', '2');
    await page.goto(address);
    await listens(page);
    await expect(page.locator('[data-unsent]')).toHaveAttribute('data-unsent', '2');
    await page.context().setOffline(false);
    await expect(page.locator('[data-unsent]')).toBeHidden({ timeout: 30_000 });
    await page.goto(address);
    await listens(page);
    const list = await page.locator('.run-step').evaluateAll((steps) => steps.slice(0, 4).map((s) => s.querySelector('.tag')?.textContent.trim() ?? ''));
    expect(list.slice(0, 3)).toEqual(['done', 'done', 'done']);
    expect(await page.locator('.run-step').nth(2).textContent()).toContain('12.4');

    // The colleague sees the ticks, and the gate: an unlike reading keeps the way closed.
    const other = await browser.newContext({ baseURL: new URL(address).origin });
    const mate = await other.newPage();
    await signIn(mate, 'planner');
    await mate.goto(address);
    await listens(mate);
    const steps = await page.locator('.run-step').evaluateAll((all) => all.map((s) => s.querySelector('h2').textContent));
    const gate = steps.findIndex((s) => s.startsWith('Prove'));
    for (let k = 3; k < gate; ++k) {
        const value = here(page).getByLabel('Measured').first();
        if (await value.count()) {
            await value.fill('0');
        }
        await here(page).getByRole('button', { name: 'Done, next' }).click();
        await expect(here(page).getByRole('heading')).toHaveText(steps[k + 1]);
    }
    await here(page).getByLabel('Measured').first().fill('12.6');
    await here(page).getByRole('button', { name: 'Done, next' }).click();
    await expect(here(page).getByText('not within limits')).toBeVisible();
    await expect(here(page).getByRole('heading')).toHaveText(steps[gate]);
    await page.keyboard.press('Escape');
    await page.keyboard.press('ArrowRight');
    await expect(here(page).getByText(/^Closed until/).locator('visible=true').first()).toBeVisible();
    await expect(here(page).getByRole('button', { name: 'Done, next' })).toBeDisabled();
    await expect.poll(async () => (await mate.locator('.run-step').nth(gate).textContent()).includes('not within limits'), { timeout: 40_000 }).toBe(true);

    // In a shed without a network: a reading within limits opens the way on this device, and what follows arrives after it.
    await page.context().setOffline(true);
    await page.keyboard.press('ArrowLeft');
    await here(page).getByLabel('Measured').first().fill('dead');
    await here(page).getByRole('button', { name: 'Note it again' }).click();
    await expect(here(page).getByRole('heading')).toHaveText(steps[gate]);
    await here(page).getByLabel('Measured').first().fill('0.1');
    await here(page).getByRole('button', { name: 'Note it again' }).click();
    await expect(here(page).getByRole('heading')).toHaveText(steps[gate + 1]);
    // Also once the page was opened anew.
    await page.reload();
    await listens(page);
    await expect(here(page).getByRole('heading')).toHaveText(steps[gate + 1]);
    await here(page).getByRole('button', { name: 'Done, next' }).click();
    await expect(here(page).getByRole('heading')).toHaveText(steps[gate + 2]);
    await expect(page.locator('[data-unsent]')).toHaveAttribute('data-unsent', '3');
    await page.context().setOffline(false);
    // What was no number is refused and stays until it is thrown away; the rest has arrived.
    await expect(page.locator('[data-unsent]')).toHaveAttribute('data-unsent', '0', { timeout: 30_000 });
    await page.getByRole('button', { name: 'Throw it away' }).click();
    await expect(page.locator('[data-unsent]')).toBeHidden();
    await expect.poll(async () => (await mate.locator('.run-step').nth(gate + 1).textContent()).includes('done'), { timeout: 40_000 }).toBe(true);
    await expect(page.locator('.run-step').nth(gate).getByText('not within limits')).toHaveCount(0);
    await other.close();
});

test('a gate that was measured stays open while pages that do not know it yet come in', async ({ page }) => {
    test.setTimeout(120_000);
    await page.setViewportSize({ width: 390, height: 844 });
    await signIn(page, 'technician');
    await openSheet(page, 'Choir’s tour coach');
    const gate = await page.locator('.run-step').evaluateAll((all) => all.findIndex((step) => step.dataset.gates === 'yes'));
    const titles = await page.locator('.run-step h2').allTextContents();
    await page.goto(`${page.url().split('#')[0]}#${await page.locator('.run-step').nth(gate - 1).getAttribute('id')}`);
    await expect(here(page).getByRole('heading')).toHaveText(titles[gate - 1]);
    // A page that was asked for before the reading arrives comes after it has: what it shows is out of date.
    let [pages, release, tell] = [0];
    const late = new Promise((done) => { release = done; });
    const asked = new Promise((done) => { tell = done; });
    await page.route('**/day-plan/steps', async (route) => {
        if (route.request().headers()['x-background'] !== 'refresh') {
            await route.continue();
            return;
        }
        pages += 1;
        const answer = await route.fetch();
        if (pages === 1) {
            tell();
            await late;
        }
        await route.fulfill({ response: answer });
    });
    await here(page).getByRole('button', { name: 'Done, next' }).click();
    await asked;
    const form = here(page).locator('form[data-gate=yes]');
    const [low, high] = [await form.getAttribute('data-low'), await form.getAttribute('data-high')];
    await form.getByLabel('Measured').fill(low === '' || high === '' ? low || high : String((Number(low) + Number(high)) / 2));
    const arrived = page.waitForResponse((r) => r.request().method() === 'POST' && r.ok());
    await form.getByRole('button').click();
    await arrived;
    const next = here(page).getByRole('button', { name: 'Done, next' });
    await expect(page.locator('[data-unsent]')).toBeHidden();
    await expect(next).toBeEnabled();
    await next.evaluate((button) => {
        window.closedAgain = false;
        new MutationObserver(() => { window.closedAgain ||= button.disabled; }).observe(button, { attributes: true });
    });
    release();
    await expect.poll(() => pages).toBeGreaterThan(1);
    await expect(page.locator('.run-step').nth(gate).getByText('done', { exact: true })).toBeAttached();
    expect(await page.evaluate(() => window.closedAgain)).toBe(false);
    await expect(here(page).getByText(/^Closed until/).locator('visible=true')).toHaveCount(0);
});

test('the test sheet: a miss names its causes, and drops name the joint', async ({ page }) => {
    await signIn(page, 'technician');
    await page.goto('/');
    await page.getByRole('link', { name: 'Dental van' }).first().click();
    await page.locator('.skyline').getByRole('link', { name: /^Test/ }).click();
    await page.waitForURL(/\/test/);
    await listens(page);
    const ferry = page.locator('.check-line', { hasText: 'Ferry' }).first();
    await ferry.getByLabel('Measured').fill('11');
    await ferry.getByRole('button', { name: /^Note it/ }).click();
    await expect(ferry.getByText('not as promised')).toBeVisible();
    await expect(ferry.getByText(/^(Likeliest|It is most likely)/)).toBeVisible();
    await expect(page.locator('svg path.f-rust')).toHaveCount(1);
    // The joint: the whole way out loses far too much; the next reading is asked for by name.
    await page.getByLabel('Volts', { exact: true }).fill('0.9');
    await page.getByLabel('while there flow').fill('60');
    await page.getByRole('button', { name: 'Note the drop' }).click();
    await listens(page, /way=/);
    await expect(page.getByText(/Most likely:|The bad joint:/)).toBeVisible();
    await expect(page.getByText(/Measure now from/)).toBeVisible();
});

test('the ten-minute proof on a phone, partly without a network: the readings go, and the bad one gets a name', async ({ page }) => {
    test.setTimeout(120_000);
    await page.setViewportSize({ width: 390, height: 844 });
    await signIn(page, 'technician');
    await page.goto('/');
    await page.getByRole('link', { name: 'Dental van' }).first().click();
    await page.locator('.skyline').getByRole('link', { name: /^Test/ }).click();
    await page.getByRole('link', { name: 'The ten-minute proof' }).click();
    await listens(page);
    await page.waitForFunction(() => document.documentElement.dataset.offlineReady === 'yes');
    // What the simulated bench reads, typed as a technician would.
    const bench = await page.evaluate(async () => (await (await fetch(location.pathname.replace('/proof', '/vehicle/readings?seed=12'))).text()).trim().split('\n').map((line) => JSON.parse(line)));
    const ask = (line) => page.locator('form', { has: page.locator(`input[name=step][value="${line}"]`) });
    const note = async ({ line, value, amps }) => {
        await ask(line).getByLabel('Read').fill(String(value));
        await ask(line).getByLabel('main lead').fill(String(amps));
        await ask(line).getByRole('button').click();
        await expect(ask(line).locator('[data-outbox-said]')).toHaveText(/waiting|stored/);
    };
    await note(bench[0]);
    await expect(page.getByText(`${bench[0].value.toFixed(3)}`.replace(/0+$/, ''), { exact: false }).first()).toBeVisible();
    await page.context().setOffline(true);
    await note(bench[1]);
    await note(bench[2]);
    await expect(page.locator('[data-unsent]')).toHaveAttribute('data-unsent', '2');
    await page.context().setOffline(false);
    await expect(page.locator('[data-unsent]')).toBeHidden({ timeout: 30_000 });
    for (const read of bench.slice(3)) {
        await note(read);
    }
    await expect(page.locator('[data-unsent]')).toBeHidden({ timeout: 30_000 });
    await page.reload();
    await expect(page.locator('.lead')).toContainText(/Bad: |Nothing is bad/);
    await expect(page.locator('.lead')).not.toContainText('to read');
});

test('a device that keeps nothing more says so, and the form goes as it is', async ({ page }) => {
    await page.setViewportSize({ width: 390, height: 844 });
    await signIn(page, 'technician');
    await openJob(page, 'Library trailer');
    await page.goto(`${page.url().replace(/\/jobs\/(\d+).*/, '/jobs/$1')}/day-plan/steps`);
    await listens(page);
    await page.evaluate(() => {
        Storage.prototype.setItem = () => {
            throw new DOMException('full', 'QuotaExceededError');
        };
    });
    const first = page.locator('.run-step:not([hidden])');
    const title = await first.locator('h2').textContent();
    await page.context().setOffline(true);
    await first.getByRole('button', { name: /^Done/ }).click();
    await expect(page.getByText('This device has no room left')).toBeVisible();
    await expect(first.locator('h2')).toHaveText(title);
    await page.context().setOffline(false);
    await first.getByRole('button', { name: /^Done/ }).click();
    await page.waitForLoadState('load');
    await expect(page.locator('.run-step', { has: page.getByText(title, { exact: true }) }).locator('.tag.good')).toHaveCount(1);
});

for (const [name, width, height] of [['desk', 1280, 800], ['phone', 390, 844]]) {
    test(`the run sheet stands still while it loads, ${name}`, async ({ page }) => {
        await page.setViewportSize({ width, height });
        await page.addInitScript(() => {
            window.shifted = 0;
            new PerformanceObserver((list) => list.getEntries().forEach((entry) => {
                window.shifted += entry.hadRecentInput ? 0 : entry.value;
            })).observe({ type: 'layout-shift', buffered: true });
        });
        await signIn(page, 'technician');
        await openJob(page, 'Dental van');
        await page.goto(`${page.url().replace(/\/jobs\/(\d+).*/, '/jobs/$1')}/day-plan/steps`);
        await listens(page);
        await page.waitForTimeout(500);
        expect(await page.evaluate(() => window.shifted)).toBeLessThan(0.02);
    });
}

test('the phone’s gate opens as the server’s does', () => {
    for (const { typed, low, high, opens: does } of JSON.parse(readFileSync(new URL('../files/gates.json', import.meta.url), 'utf8'))) {
        expect([typed, opens(typed, low === null ? '' : String(low), high === null ? '' : String(high))]).toEqual([typed, does]);
    }
});
