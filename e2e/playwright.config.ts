/** End-to-end tests in Debian's Chromium, against the address that scripts/e2e.mjs gives. */
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { defineConfig, type LaunchOptions } from '@playwright/test';

export default defineConfig({
  testDir: '.',
  outputDir: '../test-results/e2e',
  timeout: 120_000,
  expect: { timeout: 20_000 },
  workers: 2,
  retries: process.env['CI'] ? 1 : 0,
  reporter: process.env['PLAYWRIGHT_JSON_OUTPUT_NAME'] ? [['list'], ['json']] : [['list']],
  use: {
    actionTimeout: 30_000,
    baseURL: process.env['GOBREL_ADDRESS'] ?? 'http://127.0.0.1:4170',
    viewport: { width: 1280, height: 800 },
    launchOptions: JSON.parse(
      readFileSync(join(import.meta.dirname, '../scripts/chromium.json'), 'utf8'),
    ) as LaunchOptions,
  },
});
