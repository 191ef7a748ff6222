import axe from 'axe-core';
import { expect, openJob, signIn, test } from './help.js';

const stages = ['survey', 'loads', 'size', 'sources', 'bank', 'wiring', 'day-plan', 'balance', 'settings', 'test', 'handover', 'aftercare'];

/** Everything by day; by night only what the colours change. */
async function soundPage(page, what) {
    await page.evaluate(axe.source);
    for (const [colorScheme, runOnly] of [['light', { type: 'tag', values: ['wcag2a', 'wcag2aa', 'wcag21aa', 'wcag22aa'] }], ['dark', { type: 'rule', values: ['color-contrast'] }]]) {
        await page.emulateMedia({ colorScheme });
        const serious = await page.evaluate(async (only) => {
            const { violations } = await window.axe.run(document, { runOnly: only, resultTypes: ['violations'] });
            return violations.filter((v) => ['serious', 'critical'].includes(v.impact)).map((v) => `${v.id}: ${v.nodes.slice(0, 3).map((n) => n.target.join(' ')).join(' | ')}`);
        }, runOnly);
        expect(serious.map((v) => `${what}, ${colorScheme}: ${v}`)).toEqual([]);
    }
    await page.emulateMedia({ colorScheme: 'light' });
}

test('no serious finding of axe on any page, light or dark', async ({ page }) => {
    test.setTimeout(900_000);
    await page.goto('/sign-in');
    await soundPage(page, 'sign-in');
    await signIn(page, 'office');
    for (const path of ['/accounts', '/accounts/1']) {
        await page.goto(path);
        await soundPage(page, path);
    }
    await page.context().clearCookies();
    await signIn(page);
    for (const path of ['/', '/jobs/create', '/jobs/import', '/library', '/library?kind=battery', '/library/1', '/library/create?kind=inverter', '/customers', '/customers/1', '/workshop', '/places/1', '/keys', '/components', '/password', '/search?q=slate', '/recall?model=slate', '/recall/letters?model=slate', '/measured', '/nowhere']) {
        await page.goto(path);
        await soundPage(page, path);
    }
    await openJob(page, 'Dental van');
    const job = new URL(page.url()).pathname.match(/^\/jobs\/\d+/)[0];
    for (const path of [...stages.map((s) => `/${s}`), '/day-plan/steps', '/settings/step', '/settings/paper', '/wiring/shelf', '/handover/walk', '/offers', '/test/proof', '/test/vehicle?seed=11', '/brief', '/history', '/survey?add=battery', '/survey?add=inverter']) {
        await page.goto(job + path);
        await soundPage(page, path);
    }
    await page.goto(`${job}/handover`);
    await page.getByRole('link', { name: /^Note/ }).first().click();
    await soundPage(page, 'a part');
    await openJob(page, 'Seabird-survey camper', 'Handover');
    await page.goto(await page.getByRole('link', { name: 'Open as the customer' }).first().getAttribute('href'));
    await soundPage(page, 'the pack');
    await page.getByRole('link', { name: 'Something is wrong?' }).click();
    await soundPage(page, 'the page for the night');
    await page.goto('/jobs/3/aftercare');
    await soundPage(page, 'aftercare');
    await page.getByRole('link', { name: /^Skerries in August/ }).click();
    await soundPage(page, 'a log');
    await page.getByRole('link', { name: '2026-08-10, closely' }).click();
    await soundPage(page, 'a log, closely');
});

test('on a phone no page scrolls sideways, and what is touched is large enough', async ({ page }) => {
    await page.setViewportSize({ width: 390, height: 844 });
    await signIn(page, 'technician');
    await openJob(page, 'Dental van');
    const job = new URL(page.url()).pathname.match(/^\/jobs\/\d+/)[0];
    for (const path of ['/', ...stages.map((s) => `${job}/${s}`), `${job}/day-plan/steps`, `${job}/settings/step`, `${job}/settings/paper`, `${job}/wiring/shelf`, `${job}/handover/walk`, `${job}/offers`, `${job}/test/proof`, `${job}/test/vehicle?seed=11`, '/jobs/3/aftercare', '/jobs/3/logs/1', '/measured', '/recall?model=slate', `${job}/survey?add=battery`, '/library']) {
        await page.goto(path);
        const over = await page.evaluate(() => document.documentElement.scrollWidth - document.documentElement.clientWidth);
        expect(over, path).toBeLessThanOrEqual(0);
        const small = await page.locator('.btn:visible, main select:visible').evaluateAll((all) => all.filter((e) => e.getBoundingClientRect().height < 43.5).map((e) => e.outerHTML.slice(0, 80)));
        expect(small, path).toEqual([]);
    }
});

test('pages of its own for what is missing and what is not allowed', async ({ page }) => {
    await signIn(page, 'technician');
    await page.goto('/nowhere');
    await expect(page.getByRole('heading', { name: 'Nothing is here' })).toBeVisible();
    await page.goto('/accounts');
    await expect(page.getByRole('heading', { name: 'You may not do this' })).toBeVisible();
    await page.getByRole('link', { name: 'To the Yard' }).click();
    await expect(page).toHaveURL('/');
});

test('the theme that was chosen stays', async ({ page }) => {
    await signIn(page);
    const ground = () => page.evaluate(() => getComputedStyle(document.documentElement).backgroundColor);
    const light = await ground();
    await page.locator('details.menu > summary').click();
    await page.getByRole('button', { name: 'Dark' }).click();
    expect(await ground()).not.toBe(light);
    await page.reload();
    expect(await ground()).not.toBe(light);
});
