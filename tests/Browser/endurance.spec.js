import { expect, listens, openJob, signIn, test } from './help.js';

const answer = (page) => page.locator('[data-answer]');
const flag = (page) => page.locator('[data-cheapest]').getAttribute('data-cheapest');

test('the pin is dragged with the pointer and moved with the keys, and becomes the plan', async ({ page }) => {
    await signIn(page);
    await openJob(page, 'Cinema caravan', 'Size');
    const before = await answer(page).innerText();
    const pin = page.locator('[data-pin]');
    const from = await pin.boundingBox();
    const map = await page.locator('svg[data-map]').boundingBox();
    await page.mouse.move(from.x + from.width / 2, from.y + from.height - 6);
    await page.mouse.down();
    await page.mouse.move(map.x + map.width * 0.75, map.y + map.height * 0.3, { steps: 6 });
    await page.mouse.up();
    await expect(answer(page)).not.toHaveText(before);
    const batteries = page.getByLabel('Batteries', { exact: true }).or(page.getByLabel('Strings', { exact: true }));
    const panels = page.getByLabel('Panels', { exact: true });
    const [b, p] = [Number(await batteries.inputValue()), Number(await panels.inputValue())];
    expect(b).toBeGreaterThan(1);
    // The keys go from one whole battery or panel to the next.
    await pin.focus();
    await page.keyboard.press('ArrowLeft');
    await expect(batteries).toHaveValue(String(b - 1));
    await page.keyboard.press('ArrowDown');
    await expect(panels).toHaveValue(String(Math.max(0, p - 1)));
    await expect(page).toHaveURL(new RegExp(`strings=${b - 1}&panels=${Math.max(0, p - 1)}`));
    await page.getByRole('button', { name: 'Make this the plan' }).click();
    await expect(page.getByText('are the plan.')).toBeVisible();
    await expect(panels).toHaveValue(String(Math.max(0, p - 1)));
});

test('a tightened limit moves the cheapest point', async ({ page }) => {
    await signIn(page);
    await openJob(page, 'Library trailer', 'Size');
    const before = await flag(page);
    expect(before).toBeTruthy();
    await page.goto(page.url().replace(/\/size.*/, '/brief'));
    await page.getByLabel('Roof, length').fill('1.3');
    await page.getByRole('button', { name: /Save/ }).first().click();
    await openJob(page, 'Library trailer', 'Size');
    const after = page.locator('[data-cheapest]');
    await expect(page.locator('.endurance')).toContainText('roof');
    expect(await after.count() === 0 ? null : await flag(page)).not.toBe(before);
    await page.goto(page.url().replace(/\/size.*/, '/brief'));
    await page.getByLabel('Roof, length').fill('4.9');
    await page.getByRole('button', { name: /Save/ }).first().click();
    await openJob(page, 'Library trailer', 'Size');
    expect(await flag(page)).toBe(before);
});

test('a day of the stay is driven or not, and the curve follows at once', async ({ page }) => {
    await signIn(page);
    await openJob(page, 'Library trailer', 'Size');
    const row = page.locator('table', { hasText: 'Over 14 days' }).locator('tr', { hasText: 'Planned' });
    const before = await row.innerText();
    await page.getByLabel('day 4 hooked up').check();
    await expect(row).not.toHaveText(before.replaceAll('\t', ''));
    await page.getByLabel('day 4 hooked up').uncheck();
});

test('a panel on the roof is moved with the keys and dragged, and stays there', async ({ page }) => {
    await signIn(page);
    await openJob(page, 'Library trailer', 'Size');
    const panel = page.locator('[data-panel]').first();
    const x = () => page.locator('form[data-roof-form] input[name$="[x]"]').first().inputValue().then(Number);
    const before = await x();
    await panel.focus();
    await Promise.all([page.waitForURL(/size/), page.waitForResponse((r) => r.request().method() === 'GET' && r.url().includes('/size')), page.keyboard.press('ArrowRight')]);
    await listens(page);
    expect(await x()).toBeCloseTo(before + 0.05, 2);
    const box = await page.locator('[data-panel]').first().boundingBox();
    await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
    await page.mouse.down();
    await page.mouse.move(box.x + box.width / 2 + 60, box.y + box.height / 2, { steps: 4 });
    await Promise.all([page.waitForResponse((r) => r.request().method() === 'GET' && r.url().includes('/size')), page.mouse.up()]);
    await listens(page);
    expect(await x()).toBeGreaterThan(before + 0.2);

    // What stands there is drawn over the roof's picture, which two points and one length put to scale.
    const roof = page.locator('svg[data-roof]');
    await roof.scrollIntoViewIfNeeded();
    const sheet = await roof.boundingBox();
    await page.mouse.move(sheet.x + 620, sheet.y + 200);
    await page.mouse.down();
    await page.mouse.move(sheet.x + 700, sheet.y + 240, { steps: 3 });
    await page.mouse.up();
    await expect(page.locator('[name=things]')).toHaveValue(/; hatch 0\.4\d x 0\.2\d at 3\.\d+, \d(\.\d+)?$/);
    await page.getByRole('button', { name: 'Two points, one length' }).click();
    await roof.scrollIntoViewIfNeeded();
    const now = await roof.boundingBox();
    await page.mouse.click(now.x + 100, now.y + now.height - 60);
    await page.mouse.click(now.x + 700, now.y + now.height - 60);
    await page.getByLabel('Metres between the two points').fill('3');
    const wide = () => page.locator('[name=picture]').inputValue().then((text) => Number(text.split(', ')[2]));
    const was = await wide();
    await Promise.all([page.waitForResponse((r) => r.request().method() === 'GET' && r.url().includes('/size')), page.getByLabel('Metres between the two points').blur()]);
    await listens(page);
    // 600 px are some 3.4 m by the scale of before: the picture becomes narrower.
    expect(await wide()).toBeLessThan(was);
    await expect(page.locator('[name=things]')).toHaveValue(/; hatch/);
});
