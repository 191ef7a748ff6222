import { expect, signIn, test } from './help.js';

test('a planner takes an empty job from the brief to an opened PDF', async ({ page }) => {
    await signIn(page);

    // Brief
    await page.getByRole('link', { name: 'Open a job' }).click();
    await page.getByLabel('Name of the job').fill('Knife-grinder’s van');
    await page.getByLabel('New customer').fill('Sharp Corner');
    await page.getByLabel('Where, mostly').selectOption({ label: 'Selhavn coast' });
    await page.getByLabel('Days away, wished').fill('2');
    for (const month of ['May', 'Jun', 'Jul']) {
        await page.getByLabel(month, { exact: true }).check();
    }
    await page.getByRole('button', { name: 'Open it' }).click();
    await expect(page.getByText('Start with the batteries')).toBeVisible();

    // Survey: two old batteries and a regulator that knows no lithium
    await page.getByRole('link', { name: 'battery', exact: true }).click();
    await page.getByLabel('From the library').fill('Ostrelund Mat 110');
    await page.getByLabel('How many').fill('2');
    await page.getByRole('button', { name: 'Add battery' }).click();
    await expect(page.getByText('2 × Ostrelund Mat 110 are in.')).toBeVisible();
    await page.getByRole('link', { name: 'solar regulator', exact: true }).click();
    await page.getByLabel('From the library').fill('Halverin Pulse 20');
    await page.getByRole('button', { name: 'Add solar regulator' }).click();

    // Loads
    await page.locator('.skyline').getByRole('link', { name: /^Loads/ }).click();
    const add = page.locator('#add');
    await add.getByLabel('Name').fill('Compressor fridge');
    await add.getByLabel('Watts').fill('3.8 A');
    await add.getByLabel('Hours').fill('0-24');
    await add.getByLabel('Duty').fill('35');
    await add.getByRole('button', { name: 'Add it' }).click();
    // 3.8 A × 12 V × 24 h × 35 % = 383 Wh
    await expect(page.locator('.lead')).toContainText('383');

    // Size: the first proposal becomes the plan
    await page.locator('.skyline').getByRole('link', { name: /^Size/ }).click();
    await expect(page.locator('.lead')).toContainText('lasts');
    await page.getByRole('button', { name: /^Plan it/ }).first().click();
    await expect(page.locator('.lead')).toContainText('The planned bank lasts');

    // The old regulator beside lithium is a stop, with its remedy
    await page.locator('.skyline').getByRole('link', { name: /^Survey/ }).click();
    const stop = page.locator('.finding', { hasText: 'Lead-only solar regulator beside lithium' });
    await expect(stop.getByRole('img', { name: 'Stop' })).toBeVisible();
    await stop.getByRole('button', { name: 'Do it' }).click();
    await expect(page.getByText('Lead-only solar regulator beside lithium')).toHaveCount(0);

    // Sources
    await page.locator('.skyline').getByRole('link', { name: /^Sources/ }).click();
    for (const [part, count] of [['Brimsdal Sill 175', '2'], ['Halverin Crest 30 C', '1']]) {
        await page.getByLabel('Part', { exact: true }).selectOption({ label: part });
        await page.getByLabel('How many').fill(count);
        await page.getByLabel('Where it goes').fill('roof');
        await page.getByRole('button', { name: 'Add it to the plan' }).click();
    }
    await expect(page.locator('.lead')).toContainText('350');

    // Settings
    await page.locator('.skyline').getByRole('link', { name: /^Settings/ }).click();
    await page.getByLabel('As set: Absorption', { exact: true }).fill('14.2');
    await page.getByLabel('As set: Equalise').fill('off');
    await page.getByRole('button', { name: /Note these/ }).click();
    await expect(page.getByText('as planned').first()).toBeVisible();

    // Fitted component: serial, firmware, place
    await page.locator('.skyline').getByRole('link', { name: /^Handover/ }).click();
    await page.getByRole('row', { name: /Crest 30 C/ }).getByRole('link', { name: /^Note/ }).click();
    await page.getByLabel('Serial', { exact: true }).fill('C1-00042');
    await page.getByLabel('Firmware', { exact: true }).fill('1.61');
    await page.getByRole('button', { name: 'Save', exact: true }).click();
    await expect(page.getByRole('cell', { name: 'C1-00042' })).toBeVisible();

    // Pack: page by private link, PDF, file
    await page.getByRole('button', { name: 'Issue pack 1' }).click();
    const link = await page.getByRole('link', { name: 'Open as the customer' }).getAttribute('href');
    const stranger = await page.context().browser().newContext();
    const theirs = await stranger.newPage();
    await theirs.goto(link);
    await expect(theirs.getByRole('heading', { name: 'Knife-grinder’s van' })).toBeVisible();
    await expect(theirs.getByText('C1-00042')).toBeVisible();
    const pdf = await stranger.request.get(await theirs.getByRole('link', { name: 'PDF' }).getAttribute('href'));
    expect(pdf.headers()['content-type']).toBe('application/pdf');
    expect((await pdf.body()).subarray(0, 5).toString()).toBe('%PDF-');
    const file = await stranger.request.get(await theirs.getByRole('link', { name: 'Open file' }).getAttribute('href'));
    expect((await file.json()).format).toBe('pebblefell-job');
    const text = await file.body();
    await stranger.close();

    // The open file comes in again as a job of its own; a broken one is refused by path.
    await page.goto('/jobs/import');
    const upload = page.getByLabel('Job file (.json)', { exact: true });
    await upload.setInputFiles({ name: 'broken.json', mimeType: 'application/json', buffer: Buffer.from(text.toString().replace('"system_v": 12', '"system_v": 13')) });
    await page.getByRole('button', { name: 'Take it in' }).click();
    await expect(page.getByRole('cell', { name: '/vehicle/system_v' })).toBeVisible();
    await upload.setInputFiles({ name: 'job.json', mimeType: 'application/json', buffer: text });
    await page.getByRole('button', { name: 'Take it in' }).click();
    await expect(page.getByText(/The file is in as job \d+/)).toBeVisible();
    await expect(page).toHaveURL(/jobs\/\d+\/\w+$/);
});
