import { defineConfig } from 'vitest/config';

export default defineConfig({
    test: { include: ['tests/Js/**/*.test.js'], environment: 'jsdom', environmentOptions: { jsdom: { url: 'http://pebblefell.test/jobs/1/day-plan/steps' } }, testTimeout: 20_000, cache: false },
});
