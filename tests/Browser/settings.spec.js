import { test, expect, signIn, openJob, listens } from './help.js';

const here = (page) => page.locator('.run-step:not([hidden])');

test('a device is programmed on a phone without a network, with two pictures of its screen, and all of it arrives once', async ({ page }) => {
    test.setTimeout(120_000);
    await page.setViewportSize({ width: 390, height: 844 });
    await signIn(page, 'technician');
    await openJob(page, 'Dental van', 'Settings');
    const settings = page.url().split('#')[0];
    await page.goto(`${settings}/step`);
    await listens(page);
    await page.waitForFunction(() => document.documentElement.dataset.offlineReady === 'yes');
    const box = await here(page).getAttribute('id');
    const device = await here(page).getByRole('heading').textContent();
    await page.context().setOffline(true);
    // Two pictures: the step stays where it is. The journal holds what is typed, the store what is seen.
    for (const picture of ['docs/screenshots/yard.png', 'docs/screenshots/settings.png']) {
        await page.getByLabel(/^Photograph its screen/).setInputFiles(picture);
        await expect(here(page)).toHaveAttribute('id', box);
    }
    await expect(page.locator('[data-unsent]')).toHaveAttribute('data-unsent', '2');
    await here(page).getByRole('button', { name: 'Typed so, next' }).click();
    await expect(here(page)).not.toHaveAttribute('id', box);
    await expect(page.locator('[data-unsent]')).toHaveAttribute('data-unsent', '3');
    await page.goto(`${settings}/step`);
    await listens(page);
    await expect(page.locator('[data-unsent]')).toHaveAttribute('data-unsent', '3');
    // The first answer is lost on the way back: it is sent again, and is kept once.
    let lost = 0;
    await page.context().route('**/photos', async (route) => {
        if (route.request().method() === 'POST' && lost++ === 0) {
            await route.fetch();
            await route.abort();
            return;
        }
        await route.continue();
    });
    await page.context().setOffline(false);
    await expect(page.locator('[data-unsent]')).toBeHidden({ timeout: 30_000 });
    expect(lost).toBeGreaterThan(2);
    await page.goto(`${settings}/step#${box}`);
    await listens(page);
    await expect(here(page).getByText('2 pictures of its screen are kept.')).toBeVisible();
    await expect(here(page).getByText('as planned')).toBeVisible();
    await page.goto(`${settings}?fold=all`);
    await expect(page.locator('details', { hasText: device.trim() }).locator('.thumbs img')).toHaveCount(2);
});
