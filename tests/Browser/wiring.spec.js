import { expect, listens, openJob, signIn, test } from './help.js';

test('a fuse opened by its box in the one-line drawing leaves the rest dark, and in the sun a regulator in danger', async ({ page }) => {
    await signIn(page);
    await openJob(page, 'Dental van', 'Wiring');
    await page.locator('svg.one-line').first().locator('a', { hasText: 'class T' }).focus();
    await page.keyboard.press('Enter');
    await expect(page.locator('svg.one-line .box.open')).toHaveCount(1);
    await expect(page.locator('svg.one-line .box.dark')).not.toHaveCount(0);
    await expect(page.locator('#fold-opens')).toContainText('Goes dark');
    // Each part in each state leads to the same picture.
    const danger = page.locator('#fold-matrix td', { hasText: 'in danger' }).first();
    if (await danger.count()) {
        await danger.getByRole('link').click();
        await expect(page.locator('svg.one-line .box.danger')).not.toHaveCount(0);
    }
    await page.getByRole('link', { name: 'asks where it is safe' }).click();
    await page.locator('svg.one-line').first().locator('a[aria-label*="inverter"]').click();
    await expect(page.locator('#safe')).toContainText('prove it dead');
});

test('a length that is changed: drawing, run and list follow; a lead typed is shown back first', async ({ page }) => {
    await signIn(page);
    await openJob(page, 'Cargo-bike repair trailer', 'Wiring');
    const runs = page.locator('#fold-runs');
    const first = runs.getByRole('row').nth(1);
    const uid = (await first.getByRole('link').textContent()).replace('Change', '').trim();
    await first.getByRole('link').click();
    await listens(page, /edit=/);
    await runs.getByLabel('Length, one way').fill('7.5');
    await runs.getByRole('button', { name: 'Save the conductor' }).click();
    await listens(page, /wiring/);
    await expect(runs.getByRole('row').nth(1)).toContainText('7.5 m');
    await expect(page.locator('svg.one-line').first()).toContainText('7.5 m');
    await page.locator('#fold-leads').getByLabel('A line each').fill(`${uid} thick`);
    await page.locator('#fold-leads').getByRole('button', { name: 'Read them' }).click();
    await expect(page.locator('main')).toContainText('“thick” is not understood');
    await page.getByLabel('A line each').fill(`${uid} 0.6m`);
    await page.getByRole('button', { name: /Read them/ }).click();
    await expect(page.locator('main')).toContainText('one value of a lead is set');
    await page.getByRole('button', { name: 'Lay them on the plan' }).click();
    await expect(runs.getByRole('row').nth(1)).toContainText('0.6 m');
});

test('a rung of the ladder is moved with the keys and dragged; a word on the box is found', async ({ page }) => {
    await signIn(page);
    await openJob(page, 'Cinema caravan', 'Settings');
    const rung = () => page.locator('[data-rung^="absorption_v"]').first();
    const planned = async () => Number(await rung().getAttribute('data-planned'));
    const before = await planned();
    await rung().focus();
    await Promise.all([page.waitForResponse((r) => r.request().method() === 'GET' && r.url().includes('/settings')), page.keyboard.press('ArrowDown')]);
    await expect.poll(planned).toBeCloseTo(before - 0.05, 2);
    await expect(page.locator('.said')).toContainText('Planned so');
    const knob = await rung().locator('.grip').boundingBox();
    const svg = page.locator('svg.ladder');
    const perVolt = await svg.evaluate((e) => (Number(e.dataset.height) / Number(e.dataset.volts)) * e.getScreenCTM().a);
    await page.mouse.move(knob.x + knob.width / 2, knob.y + knob.height / 2);
    await page.mouse.down();
    await page.mouse.move(knob.x + knob.width / 2, knob.y + knob.height / 2 + perVolt * 0.2, { steps: 4 });
    await Promise.all([page.waitForResponse((r) => r.request().method() === 'GET' && r.url().includes('/settings')), page.mouse.up()]);
    await expect.poll(planned).toBeCloseTo(before - 0.25, 1);
    await page.locator('#fold-words').getByLabel('What stands on the box').fill('boost');
    await page.locator('#fold-words').getByRole('button', { name: 'What does it mean?' }).click();
    await expect(page.locator('#fold-words')).toContainText('is Absorption');
});

test('a run is reached along the circuit by keys and takes a fuse in its middle', async ({ page }) => {
    await signIn(page);
    await openJob(page, 'Seabird-survey camper', 'Wiring');
    const run = page.locator('a[aria-label^="Run c"]').first();
    await run.focus();
    await page.keyboard.press('Enter');
    await expect(page.getByRole('heading', { name: /^Lead c\d+/ })).toBeVisible();
    await page.getByLabel('Made for').fill('150');
    await page.getByRole('button', { name: 'Into this run' }).click();
    await expect(page.locator('[name=leads]')).toHaveValue(/^c\d+ fuse 150A$/);
    await expect(page.locator('main')).toContainText('a part comes in');
});
