import { defineConfig } from '@playwright/test';

/** The running place's address comes from bin/wexon. */
export default defineConfig({
  testDir: '.',
  outputDir: './results',
  timeout: 180_000,
  expect: { timeout: 30_000 },
  workers: 2,
  fullyParallel: true,
  // A machine that others share may stall once; what fails twice is broken.
  retries: 1,
  reporter: [['list']],
  use: {
    baseURL: process.env['WEXON_URL'] ?? 'http://127.0.0.1:8640',
    viewport: { width: 1280, height: 800 },
    trace: 'on-first-retry',
    permissions: ['clipboard-read', 'clipboard-write'],
    launchOptions: {
      executablePath: '/usr/bin/chromium',
      args: ['--no-sandbox', '--disable-gpu', '--no-first-run', '--disable-background-networking', '--disable-component-update', '--disable-sync'],
    },
  },
});
