import { defineConfig } from '@playwright/test';
import { chromiumOptions } from './scripts/chromium.mjs';

/** Against the started application; `npm test` starts one with demo data and says where it is. */
export default defineConfig({
  testDir: 'e2e',
  timeout: 60_000,
  expect: { timeout: 15_000 },
  workers: 1,
  retries: 0,
  forbidOnly: true,
  reporter: [['list'], ['json']],
  use: {
    baseURL: process.env['LOTUS_ADDRESS'] ?? 'http://127.0.0.1:4280',
    viewport: { width: 1280, height: 800 },
    launchOptions: chromiumOptions(),
  },
});
