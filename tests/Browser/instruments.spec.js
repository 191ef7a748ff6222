import { expect, listens, openJob, signIn, test } from './help.js';

const energy = (page) => page.locator('.stat').first().locator('.value');

test('hours painted with the pointer change the day, and stay', async ({ page }) => {
    await signIn(page);
    await openJob(page, 'Cinema caravan', 'Loads');
    const before = await energy(page).innerText();
    const strip = page.locator('svg.strip[data-name="Vent fan"]');
    const box = await strip.boundingBox();
    const y = box.y + box.height / 2;
    await page.mouse.move(box.x + box.width * (2.1 / 24), y);
    await page.mouse.down();
    await page.mouse.move(box.x + box.width * (5.9 / 24), y, { steps: 8 });
    await page.mouse.up();
    await expect(energy(page)).not.toHaveText(before);
    await expect(page.locator('svg.strip[data-name="Vent fan"] rect.on')).toHaveCount(4 * 4 + 6 * 4);
    const after = await energy(page).innerText();
    await page.reload();
    await expect(energy(page)).toHaveText(after);
    // 24 W × 4 h more
    const number = (text) => Number(text.replace(/[^\d]/g, ''));
    expect(number(after) - number(before)).toBe(96);
});

test('the strip is worked by keys alone', async ({ page }) => {
    await signIn(page);
    await openJob(page, 'Cinema caravan', 'Loads');
    const strip = page.locator('svg.strip[data-name="House lights"]');
    const on = await strip.locator('rect.on').count();
    await strip.focus();
    await page.keyboard.press('Home');
    await page.keyboard.press('Space');
    await page.keyboard.press('Shift+ArrowRight');
    await page.keyboard.press('Enter');
    await expect(page.locator('svg.strip[data-name="House lights"] rect.on')).toHaveCount(on + 2);
});

test('a changed wish recalculates in place, and every figure can be asked how', async ({ page }) => {
    await signIn(page);
    await openJob(page, 'Library trailer', 'Size');
    await expect(page.locator('.rail')).toContainText('of 4 days');
    await page.getByLabel(/^Days as they live/).fill('1');
    await page.getByLabel(/^Days as they live/).press('Tab');
    await expect(page.locator('.rail')).not.toContainText('of 4 days');
    await page.getByLabel(/^Days as they live/).fill('4');
    await page.getByLabel(/^Days as they live/).press('Tab');
    await expect(page.locator('.rail')).toContainText('of 4 days');
    const stat = page.locator('.stat', { hasText: 'Planned, usable' });
    await stat.getByText('how').click();
    await expect(stat.locator('.how-box')).toContainText('Peukert');
    await expect(stat.locator('.how-box')).toContainText('data sheet');
    for (const value of await page.locator('.stat').all()) {
        await expect(value.locator('details.how')).toHaveCount(1);
    }
});

test('keys: stages, search, how, help', async ({ page }) => {
    await signIn(page);
    await openJob(page, 'Library trailer', 'Size');
    await page.keyboard.press(']');
    await listens(page, /sources$/);
    await page.keyboard.press('[');
    await listens(page, /size$/);
    await page.keyboard.press('g');
    await page.keyboard.press('l');
    await listens(page, /loads$/);
    await page.keyboard.press('h');
    await expect(page.locator('main details.how[open]')).toHaveCount(1);
    await page.keyboard.press('Escape');
    await expect(page.locator('details.how[open]')).toHaveCount(0);
    await page.keyboard.press('/');
    await page.keyboard.type('K230-26-0417');
    await page.keyboard.press('Enter');
    await expect(page.getByRole('link', { name: 'Kvellin Slate 230 Warm' }).first()).toBeVisible();
    await listens(page, /search/);
    await page.locator('h1').click();
    await page.keyboard.press('?');
    await expect(page.getByRole('heading', { name: 'Keys', exact: true })).toBeVisible();
});

test('two people at one load: the second sees yours and theirs', async ({ page, browser }) => {
    await signIn(page);
    await openJob(page, 'Post launch', 'Loads');
    const other = await browser.newContext();
    const theirs = await other.newPage();
    await signIn(theirs, 'technician');
    await openJob(theirs, 'Post launch', 'Loads');
    const watts = (p) => p.locator('form.day-row', { has: p.locator('[data-name="Radar"]') }).getByLabel('Watts');
    const saved = theirs.waitForResponse((answer) => answer.request().method() === 'POST' && answer.url().includes('/appliances/'));
    await watts(theirs).fill('41');
    await watts(theirs).press('Tab');
    await saved;
    await watts(page).fill('38');
    await watts(page).press('Tab');
    await expect(page.getByRole('heading', { name: 'Changed by Jona Sund meanwhile' })).toBeVisible();
    await expect(page.getByRole('row', { name: /Watts/ })).toContainText('38');
    await expect(page.getByRole('row', { name: /Watts/ })).toContainText('41');
    await page.getByRole('button', { name: 'Save this' }).click();
    await expect(watts(page)).toHaveValue('38');
    await other.close();
});

test('a lost connection is said, and nothing typed is lost', async ({ page }) => {
    await signIn(page);
    await openJob(page, 'Post launch', 'Loads');
    await page.route('**/appliances/**', (route) => route.abort());
    const name = page.locator('form.day-row').first().getByLabel('Name');
    await name.fill('Radar, new');
    await name.press('Tab');
    await expect(page.locator('[data-offline]')).toBeVisible();
    await expect(name).toHaveValue('Radar, new');
    await page.unroute('**/appliances/**');
    await name.fill('Radar');
    await name.press('Tab');
    await expect(page.locator('[data-offline]')).toBeHidden();
});

test('every page works without scripts', async ({ browser }) => {
    const context = await browser.newContext({ javaScriptEnabled: false });
    const page = await context.newPage();
    await signIn(page);
    await openJob(page, 'Library trailer', 'Size', false);
    const unfold = async () => {
        await page.locator('#fold-wish > summary').click();
        await page.locator('#fold-wish').getByRole('link', { name: 'Show it' }).click();
    };
    await unfold();
    await page.getByLabel(/^Days as they live/).fill('3');
    await page.getByRole('button', { name: 'Recalculate' }).click();
    await expect(page.locator('.rail')).toContainText('of 3 days');
    await unfold();
    await page.getByLabel(/^Days as they live/).fill('4');
    await page.getByRole('button', { name: 'Recalculate' }).click();
    await context.close();
});

test('a table of loads comes in as far as a job holds, and in what way a spreadsheet saved it', async ({ page }) => {
    await signIn(page);
    await openJob(page, 'Farrier', 'Loads');
    const upload = page.getByLabel('Take loads in from CSV', { exact: true });
    const takeIn = () => page.locator('form', { has: upload }).getByRole('button', { name: 'Take in' }).click();
    const table = (rows) => ['name,side,watts,hours: Usual day', ...Array.from({ length: rows }, (_, i) => `load ${i + 1},dc,2,8-9`)].join('\n');
    await upload.setInputFiles({ name: 'bad.csv', mimeType: 'text/csv', buffer: Buffer.from('name,side,watts\nLamp,dc,much\n') });
    await takeIn();
    await expect(page.getByRole('cell', { name: 'line 2, watts' })).toBeVisible();
    await upload.setInputFiles({ name: 'loads.csv', mimeType: 'text/csv', buffer: Buffer.from(table(50_000)) });
    await takeIn();
    await expect(page.getByRole('cell', { name: 'brings 50000 rows; here 500 can still come' })).toBeVisible();
    await upload.setInputFiles({ name: 'loads.csv', mimeType: 'text/csv', buffer: Buffer.concat([Buffer.from([0xff, 0xfe]), Buffer.from(table(500), 'utf16le')]) });
    await takeIn();
    await expect(page.getByText('500 rows are in.')).toBeVisible();
    // 500 × 2 W × 1 h
    await expect(page.locator('.stat').first()).toContainText('1\u202f000');
});

test.describe('folds that are shut', () => {
    test.use({ folds: 'shut' });
    test('what was asked for before a fold was opened comes without what it holds: the fold is filled all the same', async ({ page }) => {
        await signIn(page);
        await openJob(page, 'Library trailer', 'Size');
        await page.locator('#fold-wish > summary').click();
        await page.locator('#fold-bank > summary').click();
        await expect(page.locator('#fold-bank')).toContainText('Planned, usable');
        await page.evaluate(() => { document.cookie = 'folds=size.wish; path=/'; });
        const wish = page.getByLabel(/^Days as they live/);
        for (const days of ['3', '4']) {
            await wish.fill(days);
            await wish.press('Tab');
            await expect(page.locator('.rail')).toContainText(`of ${days} days`);
            await expect(page.locator('#fold-bank')).toContainText('Planned, usable');
        }
    });

    test('a fold with another in it is filled, and what was typed in it stays while others are', async ({ page }) => {
        await signIn(page);
        await openJob(page, 'Dental van', 'Settings');
        const outer = page.locator('details[data-fold^="set-"]').nth(1);
        const inner = outer.locator('details[data-fold^="box-"]');
        await outer.locator(':scope > summary').click();
        await expect(inner.locator('[data-fold-empty]')).toHaveCount(1);
        const typed = outer.getByLabel(/^Found: /).first();
        await typed.fill('14.25');
        // As when the one within was just opened and is on its way.
        await page.evaluate((id) => { document.cookie = `folds=settings.${id}; path=/`; }, await inner.getAttribute('data-fold'));
        await page.locator('#fold-words > summary').click();
        await expect(page.locator('#fold-words [data-fold-empty]')).toHaveCount(0);
        await page.waitForLoadState('networkidle');
        await inner.locator(':scope > summary').click();
        await expect(inner.getByLabel('Firmware now')).toBeVisible();
        await expect(typed).toHaveValue('14.25');
    });
});
