import { defineConfig } from '@playwright/test';

export default defineConfig({
    testDir: 'tests/Browser',
    outputDir: 'storage/tools/playwright',
    workers: 1,
    // A shared machine may be ten times slower than a desk: these end what hangs, they do not measure.
    timeout: 300_000,
    expect: { timeout: 30_000 },
    retries: 0,
    reporter: [['list']],
    use: {
        baseURL: process.env.PEBBLEFELL_URL ?? 'http://127.0.0.1:8080',
        viewport: { width: 1280, height: 800 },
        launchOptions: {
            executablePath: '/usr/bin/chromium',
            args: ['--no-sandbox', '--disable-gpu', '--disable-quic', '--no-first-run', '--disable-background-networking', '--disable-component-update', '--disable-sync'],
        },
    },
});
