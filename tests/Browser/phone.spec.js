import { expect, listens, signIn, test } from './help.js';

test.use({ viewport: { width: 390, height: 844 }, hasTouch: true });

/** A small PNG, as a phone's camera would hand over. */
const picture = {
    name: 'label.png',
    mimeType: 'image/png',
    buffer: Buffer.from('iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg==', 'base64'),
};

test('a technician surveys a trailer on a phone, from a usual layout to the last label', async ({ page }) => {
    await signIn(page, 'technician');
    await page.getByRole('link', { name: 'Travelling bakery' }).click();

    // Two minutes: what is usual comes in as assumed.
    await page.getByRole('button', { name: /Usual caravan/ }).click();
    await expect(page.getByText('8 parts are in, all their figures assumed')).toBeVisible();
    await expect(page.locator('.lead')).toContainText('8 parts found');
    await expect(page.locator('abbr.assumed').first()).toBeVisible();

    // The battery's label says otherwise.
    await page.getByRole('link', { name: 'house battery', exact: true }).first().click();
    await page.getByLabel('Make', { exact: true }).fill('Ostrelund');
    await page.getByLabel('Model').fill('Mat 95');
    await page.getByLabel('Serial', { exact: true }).fill('OM95-7731');
    await page.getByLabel('Capacity', { exact: true }).fill('95');
    await page.getByRole('button', { name: 'Save', exact: true }).click();
    await expect(page.getByRole('link', { name: 'Ostrelund Mat 95' })).toBeVisible();

    // A picture of it, and its rested volts.
    await page.getByRole('link', { name: 'Ostrelund Mat 95' }).click();
    await page.getByLabel('Picture').setInputFiles(picture);
    await page.getByLabel('Caption').fill('Label');
    await page.getByRole('button', { name: 'Keep it' }).click();
    await expect(page.getByRole('img', { name: 'Label' })).toBeVisible();
    await page.getByLabel('What', { exact: true }).selectOption('volts');
    await page.getByLabel('Value').fill('12,6');
    await page.getByRole('button', { name: 'Keep the reading' }).click();
    await expect(page.locator('.stat', { hasText: 'Charge, by the last rested volts' })).toContainText('75');

    // A slip of the pen is named at its field, and what was typed stays.
    await page.getByLabel('Capacity', { exact: true }).fill('95000');
    await page.getByRole('button', { name: 'Save', exact: true }).click();
    await expect(page.locator('.field', { hasText: 'Capacity' }).first().locator('.error')).toContainText('between');
    await expect(page.getByLabel('Capacity', { exact: true })).toHaveValue('95000');
    await page.getByRole('link', { name: '← back' }).click();

    // Something that no layout has, read off its label.
    await page.getByRole('link', { name: 'solar panel', exact: true }).click();
    await page.getByText('Read from the label, or correct').click();
    await page.getByLabel('Power at STC').fill('120');
    await page.getByLabel('Where it sits').fill('roof, over the oven');
    await page.getByRole('button', { name: 'Add solar panel' }).click();
    await expect(page.locator('.lead')).toContainText('9 parts found');
    await expect(page.getByText('roof, over the oven')).toBeVisible();

    // One conductor, in the gauge that is printed on it.
    await page.getByRole('link', { name: 'Note a conductor' }).click();
    await listens(page);
    await page.getByLabel('From', { exact: true }).selectOption({ index: 1 });
    await page.getByLabel('To', { exact: true }).selectOption({ index: 4 });
    await page.getByLabel('Size, mm² or AWG').fill('6 AWG');
    await page.getByRole('button', { name: 'Note the conductor' }).click();
    await expect(page.getByText('The conductor is in.')).toBeVisible();
    await expect(page.getByRole('cell', { name: '13.3 mm²' })).toBeVisible();
    expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
});

test('on a phone no drawing is wider than its frame, and each is worked there', async ({ page }) => {
    await signIn(page);
    for (const [job, stages] of [['Library trailer', ['Loads', 'Size', 'Sources']], ['Dental van', ['Size', 'Bank', 'Wiring', 'Day plan', 'Balance', 'Settings', 'Test']], ['Seabird-survey camper', ['Aftercare']]]) {
        await page.goto('/');
        await page.getByRole('link', { name: job }).first().click();
        for (const stage of stages) {
            await page.getByRole('link', { name: new RegExp(`^${stage}`) }).first().click();
            await page.waitForLoadState('networkidle');
            const wide = await page.locator('svg.draw').evaluateAll((all) => all.filter((svg) => {
                const box = svg.getBoundingClientRect();
                const frame = svg.parentElement.getBoundingClientRect();
                return box.width > 0 && (box.right > Math.min(390, frame.right) + 0.5 || box.left < -0.5);
            }).map((svg) => svg.getAttribute('aria-label')));
            expect(wide, `${job}, ${stage}`).toEqual([]);
            expect(await page.evaluate(() => document.documentElement.scrollWidth), `${job}, ${stage}`).toBeLessThanOrEqual(390);
            // Drawn for this width: a letter is as large as in the text around it.
            const small = await page.locator('svg.draw text').evaluateAll((all) => all.filter((t) => t.getBoundingClientRect().height > 0 && t.getBoundingClientRect().height < 10).length);
            expect(small, `${job}, ${stage}: letters too small to read`).toBe(0);
        }
    }
    // The pin follows a finger; the bank is put in another order; a take-off moves.
    await page.goto('/');
    await page.getByRole('link', { name: 'Library trailer' }).first().click();
    await page.getByRole('link', { name: /^Size/ }).first().click();
    await listens(page);
    const map = page.locator('[data-map]');
    await map.scrollIntoViewIfNeeded();
    const before = await page.locator('[data-pin-strings]').inputValue();
    const box = await map.boundingBox();
    await page.touchscreen.tap(box.x + box.width * 0.75, box.y + box.height * 0.5);
    await expect(page.locator('[data-pin-strings]')).not.toHaveValue(before);
    await page.goto('/');
    await page.getByRole('link', { name: 'Dental van' }).first().click();
    await page.getByRole('link', { name: /^Bank/ }).first().click();
    await page.getByRole('link', { name: 'Take off plus at string 3' }).click();
    await expect(page).toHaveURL(/plus=2/);
});

test('on a phone two parts are joined by touch', async ({ page }) => {
    await signIn(page);
    await page.goto('/');
    await page.getByRole('link', { name: 'Cargo-bike repair trailer' }).first().click();
    await page.getByRole('link', { name: /^Wiring/ }).first().click();
    await page.getByRole('link', { name: 'joins two' }).tap();
    const boxes = page.locator('svg.one-line').first().locator('a[aria-label^="Join"]');
    await boxes.nth(0).tap();
    await expect(page.locator('#join')).toContainText('tap where it goes');
    await page.locator('svg.one-line').first().locator('a[aria-label^="Join to"]').nth(1).tap();
    await expect(page.getByRole('button', { name: 'Join them' })).toBeVisible();
    await page.locator('#join').getByLabel('Size, mm² or AWG').fill('16');
    await page.getByRole('button', { name: 'Join them' }).tap();
    await expect(page.locator('.said')).toContainText('The conductor is in');
    // And taken out again, as a typed line.
    const uid = (await page.locator('#fold-leads code').allTextContents()).map((code) => /^(c\d+) /.exec(code)?.[1]).filter(Boolean).pop();
    await page.getByLabel('A line each').fill(`${uid} out`);
    await page.getByRole('button', { name: 'Read them' }).tap();
    await page.getByRole('button', { name: 'Lay them on the plan' }).tap();
    await expect(page.locator('.said')).toContainText('The leads are in the plan');
});
