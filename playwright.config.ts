import { defineConfig } from '@playwright/test';
import { chromiumOptions } from './scripts/chromium.mjs';

/** Against the started application; `npm test` starts one with demo data and says where it is. */
export default defineConfig({
  testDir: 'e2e',
  // Long enough for a machine that other work slows down: none of these is a measure of speed.
  timeout: 900_000,
  expect: { timeout: 120_000 },
  workers: 1,
  retries: 0,
  forbidOnly: true,
  reporter: [['list'], ['json']],
  use: {
    baseURL: process.env['LOTUS_ADDRESS'] ?? 'http://127.0.0.1:4280',
    viewport: { width: 1280, height: 800 },
    // Days are told in the order of the reader's country.
    locale: 'en-GB',
    // One test installs the application; the others need not.
    serviceWorkers: 'block',
    launchOptions: chromiumOptions(),
  },
});
