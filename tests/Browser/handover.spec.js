import { test, expect, signIn, openJob, listens } from './help.js';

const here = (page) => page.locator('.run-step:not([hidden])');

test('the walk through the vehicle on a phone: shown, asked, and signed with the finger, partly without a network', async ({ page }) => {
    test.setTimeout(120_000);
    await page.setViewportSize({ width: 390, height: 844 });
    await signIn(page, 'technician');
    await openJob(page, 'Seabird-survey camper', 'Handover');
    await page.getByRole('link', { name: 'Walk through it with its owner' }).click();
    await listens(page, /handover\/walk/);
    const address = page.url().split('#')[0];
    await page.waitForFunction(() => document.documentElement.dataset.offlineReady === 'yes');
    const first = await here(page).getByRole('heading').textContent();
    await here(page).getByRole('button', { name: 'Shown, next' }).click();
    await expect(here(page).getByRole('heading')).not.toHaveText(first);
    await expect(page.locator('[data-unsent]')).toBeHidden({ timeout: 30_000 });
    await page.context().setOffline(true);
    const asked = await here(page).getAttribute('id');
    await here(page).getByText('They asked …').click();
    await here(page).getByLabel('Their question').fill('Is it loud? No.');
    await here(page).getByRole('button', { name: 'Keep the question' }).click();
    await page.goto(`${address}#step-sign`);
    await listens(page);
    await expect(here(page).getByRole('heading')).toHaveText('Signature');
    await here(page).getByLabel('Name').fill('Ase Holm');
    const pad = page.locator('[data-pad-svg]');
    await pad.scrollIntoViewIfNeeded();
    const box = await pad.boundingBox();
    await page.mouse.move(box.x + box.width * 0.1, box.y + box.height * 0.8);
    await page.mouse.down();
    for (const [x, y] of [[0.2, 0.2], [0.3, 0.8], [0.45, 0.3], [0.7, 0.6]]) {
        await page.mouse.move(box.x + box.width * x, box.y + box.height * y, { steps: 4 });
    }
    await page.mouse.up();
    expect(await page.locator('[data-strokes]').inputValue()).toMatch(/^M60 144(L\d+ \d+){8,}/);
    await here(page).getByRole('button', { name: 'Sign', exact: true }).click();
    await expect(page.locator('[data-unsent]')).toHaveAttribute('data-unsent', '2');
    await page.context().setOffline(false);
    await expect(page.locator('[data-unsent]')).toBeHidden({ timeout: 30_000 });
    await page.goto(`${address}#step-sign`);
    await listens(page);
    await expect(here(page).getByText('Signed by Ase Holm')).toBeVisible();
    await expect(page.locator('svg.signed path')).toHaveAttribute('d', /^M60 144L/);
    await page.goto(`${address}#${asked}`);
    await listens(page);
    await expect(here(page).getByText('Is it loud? No.')).toBeVisible();
});

test('a log is sent, its columns named, read while a bar shows how far, and looked at closely by keys', async ({ page }) => {
    test.setTimeout(120_000);
    await signIn(page);
    await openJob(page, 'Seabird-survey camper', 'Aftercare');
    // Six weeks, a reading every minute: more than one piece, and more than one request.
    const lines = ['when,volts,amps,soc'];
    for (let n = 0; n < 60_480; n += 1) {
        const at = new Date(Date.UTC(2026, 5, 1) + 60_000 * n).toISOString().slice(0, 19).replace('T', ' ');
        lines.push(`${at},13.2,${(6 * Math.sin(n / 229)).toFixed(2)},${(70 + 20 * Math.cos(n / 229)).toFixed(1)}`);
    }
    await page.getByLabel(/^A monitor’s log/).setInputFiles({ name: 'summer.csv', mimeType: 'text/csv', buffer: Buffer.from(lines.join('\n')) });
    await page.getByRole('button', { name: 'Send it' }).click();
    await expect(page.getByText('Which column is which?')).toBeVisible();
    await expect(page.getByLabel('Battery volts')).toHaveValue('volts');
    await page.getByRole('button', { name: 'Read it' }).click();
    await expect(page.getByText(/^42 days, 4\d of them whole/)).toBeVisible({ timeout: 60_000 });
    await expect(page.locator('svg.draw rect')).toHaveCount(84);
    await page.getByRole('link', { name: '2026-06-10, closely' }).focus();
    await page.keyboard.press('Enter');
    await expect(page.getByRole('heading', { name: '2026-06-10' })).toBeVisible();
    await page.getByRole('link', { name: 'wider' }).click();
    await expect(page.getByRole('heading', { name: '2026-06-10 to 2026-06-11' })).toBeVisible();
    await page.locator('#fold-log-days').getByRole('row').first().waitFor();
    await expect(page.locator('#fold-log-days')).toContainText('60480 rows');
});
