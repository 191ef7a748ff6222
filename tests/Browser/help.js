import { test as base, expect } from '@playwright/test';

export { expect };

/** A page whose console must stay clean: a blocked script or style, or an error, fails the test. Its folds are open; a test of folds asks for them shut. */
export const test = base.extend({
    folds: ['open', { option: true }],
    page: async ({ page, folds }, use) => {
        if (folds === 'open') {
            await page.context().addCookies([{ name: 'folds', value: 'all', url: process.env.PEBBLEFELL_URL ?? 'http://127.0.0.1:8080' }]);
            await page.addInitScript(() => document.addEventListener('DOMContentLoaded', () => document.querySelectorAll('details.fold').forEach((fold) => {
                fold.open = true;
            })));
        }
        const faults = [];
        page.on('console', (message) => {
            if (message.type() === 'error' && !/status of (403|404|409|419|422|429)|ERR_(FAILED|CONNECTION_REFUSED|INTERNET_DISCONNECTED|EMPTY_RESPONSE|INCOMPLETE_CHUNKED_ENCODING)/.test(message.text())) {
                faults.push(message.text());
            }
        });
        page.on('pageerror', (error) => faults.push(error.message));
        await use(page);
        expect(faults).toEqual([]);
    },
});

export async function signIn(page, who = 'planner') {
    await page.goto('/sign-in');
    await page.getByLabel('E-mail').fill(`${who}@selhavn.example`);
    await page.getByLabel('Password').fill('north-of-sixty');
    await page.getByRole('button', { name: 'Sign in' }).click();
    await expect(page.getByRole('heading', { name: 'What needs me now?' })).toBeVisible();
}

/** Waits until the page's scripts listen; a key pressed before that goes nowhere. */
export const listens = (page, url) => Promise.all([
    url ? page.waitForURL(url) : null,
    page.waitForFunction(() => document.documentElement.dataset.listens === 'yes'),
]);

export async function openJob(page, title, stage, scripts = true) {
    await page.goto('/');
    await page.getByRole('link', { name: title }).first().click();
    if (stage) {
        await page.locator('.skyline').getByRole('link', { name: new RegExp(`^${stage}`) }).click();
        await page.waitForURL(new RegExp(`/${stage.toLowerCase()}`));
        if (scripts) {
            await listens(page);
        }
    }
}
