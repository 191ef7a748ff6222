import { test, expect, signIn, listens } from './help.js';

const here = (page) => page.locator('.run-step:not([hidden])');

/** Notes what a step asks for within its limits, and goes on. */
async function pass(page) {
    const form = here(page).locator('form[data-outbox]').first();
    const [low, high] = [await form.getAttribute('data-low'), await form.getAttribute('data-high')];
    const value = form.getByLabel('Measured');
    if (await value.count()) {
        const [l, h] = [low === '' || low === null ? null : Number(low), high === '' || high === null ? null : Number(high)];
        await value.fill(String(l !== null && h !== null ? (l + h) / 2 : l ?? h ?? 1));
    }
    await form.getByRole('button').click();
}

test('from an accepted offer through the run sheet on a phone, partly without a network, to the passed test', async ({ page, browser }) => {
    test.setTimeout(240_000);
    await signIn(page);
    await page.getByRole('link', { name: 'Cargo-bike repair trailer' }).first().click();
    const job = new URL(page.url()).pathname.match(/^\/jobs\/\d+/)[0];
    await page.goto(`${job}/offers`);
    await listens(page);
    await page.getByRole('button', { name: 'Make the offer' }).click();
    await expect(page.getByText('is made; send its link')).toBeVisible();
    const link = await page.getByRole('link', { name: 'Open as the customer' }).getAttribute('href');

    // The customer, with nothing but the link.
    const customer = await (await browser.newContext()).newPage();
    await customer.goto(link);
    await customer.getByLabel(/name/i).fill('Ragna Holm');
    await customer.locator('input[name=agreed]').check();
    await customer.locator('button.large').click();
    await expect(customer.getByText('Ragna Holm').first()).toBeVisible();
    await customer.context().close();

    await page.goto(`${job}/offers`);
    await listens(page);
    await expect(page.getByText('Accepted by')).toBeVisible();
    await page.getByRole('button', { name: 'Make it the plan' }).click();
    await expect(page.getByText('What was accepted is the plan now.')).toBeVisible();

    // The technician, on a phone beside the trailer.
    const phone = await browser.newContext({ viewport: { width: 390, height: 844 }, baseURL: new URL(page.url()).origin });
    await phone.addCookies([{ name: 'folds', value: 'all', url: new URL(page.url()).origin }]);
    const van = await phone.newPage();
    await signIn(van, 'technician');
    await van.goto(`${job}/day-plan/steps`);
    await listens(van);
    await van.waitForFunction(() => document.documentElement.dataset.offlineReady === 'yes');
    const titles = await van.locator('.run-step').evaluateAll((all) => all.map((s) => s.querySelector('h2').textContent));
    for (let k = 0; k < titles.length; k += 1) {
        if (k === 1) {
            await phone.setOffline(true);
        }
        if (k === 4) {
            await expect(van.locator('[data-unsent]')).toHaveAttribute('data-unsent', '3');
            await phone.setOffline(false);
            await expect(van.locator('[data-unsent]')).toBeHidden({ timeout: 30_000 });
            await van.reload();
            await listens(van);
        }
        await expect(here(van).getByRole('heading')).toHaveText(titles[k]);
        // The first has arrived before the network goes: a busy machine takes its time.
        const arrived = k === 0 ? van.waitForResponse((r) => r.request().method() === 'POST' && r.ok()) : null;
        if (k + 1 === titles.length) {
            // What came before it has arrived.
            await expect(here(van).locator('form[data-outbox]').first().getByRole('button')).toBeEnabled();
            await phone.setOffline(true);
        }
        await pass(van);
        await arrived;
        if (k + 1 < titles.length) {
            await expect(here(van).getByRole('heading')).toHaveText(titles[k + 1], { timeout: 20_000 });
        }
    }
    // The sheet is left while its last press waits: another page sends it.
    await expect(van.locator('[data-unsent]')).not.toHaveAttribute('data-unsent', '0');
    await van.goto('about:blank');
    // As long as it cannot, it says so.
    await phone.route('**/ticks', (route) => route.abort());
    await phone.setOffline(false);
    await van.goto(`${job}/day-plan`);
    await expect(van.locator('[data-unsent]')).toContainText('1 is on this device and not sent yet');
    await phone.unroute('**/ticks');
    await van.reload();
    await expect(van.getByText('Every step is done.')).toBeVisible();

    // Each line of the test: what its own sheet promises, from an instrument's file.
    await van.goto(`${job}/test`);
    await listens(van);
    const sheet = await van.evaluate(async (at) => (await (await fetch(`${at}/test/readings`)).text()).trim().split('\r\n').slice(1).map((line) => line.split(',')), job);
    const lines = sheet.filter(([line]) => !line.startsWith('proof.')).map((cells) => {
        const [line] = cells;
        const [low, high] = [cells.at(-8), cells.at(-7)].map((c) => (c === '' ? null : Number(c)));
        const perAmp = /^(sag|way\.|share\.)/.test(line);
        return JSON.stringify({ line, state: 'done', ...(low === null && high === null ? {} : { value: perAmp ? 0.01 : ((low ?? high) + (high ?? low)) / 2 }), ...(perAmp ? { amps: 10 } : {}) });
    });
    if (!await van.locator('#test-readings').count()) {
        await van.locator('#fold-instruments > summary').click();
    }
    await van.locator('#test-readings').setInputFiles({ name: 'instrument.jsonl', mimeType: 'application/x-ndjson', buffer: Buffer.from(lines.join('\n')) });
    await van.getByRole('button', { name: 'Take them in' }).click();
    await listens(van, /\/test$/);
    await expect(van.locator('.lead')).toContainText('Everything is as promised.');
    await phone.close();
});
