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
