import { existsSync } from 'node:fs';
import { defineConfig } from '@playwright/test';

const PORT = 4390;
const HEADLESS = '/usr/bin/chromium-headless-shell';
const WHOLE = '/usr/bin/chromium';

/** The Chromium to run: the one named in the environment, the headless one, or the whole one where that is all there is. */
export const CHROMIUM =
  process.env.CHROMIUM ?? (existsSync(HEADLESS) || !existsSync(WHOLE) ? HEADLESS : WHOLE);
export const CHROMIUM_ARGS = [
  '--no-sandbox',
  '--disable-gpu',
  '--disable-quic',
  '--no-first-run',
  '--disable-background-networking',
  '--disable-component-update',
  '--disable-sync',
];

const browser = (width: number, height: number) => ({
  viewport: { width, height },
  launchOptions: {
    executablePath: CHROMIUM,
    args: CHROMIUM_ARGS,
  },
});

/** The built app in Debian's Chromium, at a phone's and at a desk's size. */
export default defineConfig({
  testDir: 'e2e',
  fullyParallel: true,
  workers: 2,
  // A shared machine may stall once; a test that only passes the second time is listed as flaky.
  retries: process.env.CI ? 2 : 0,
  // Wait limits, not measures: a shared machine can be many times slower than usual.
  timeout: 180_000,
  expect: { timeout: 30_000 },
  forbidOnly: Boolean(process.env.CI),
  reporter: [
    ['list'],
    ['json', { outputFile: process.env.PLAYWRIGHT_JSON_OUTPUT_NAME ?? '.setup/web.json' }],
  ],
  use: {
    baseURL: `http://localhost:${PORT}`,
    locale: 'en-GB',
    timezoneId: 'Europe/London',
    // Only what tests being offline lets the app be kept: every page would fetch all of it.
    serviceWorkers: 'block',
  },
  projects: [
    { name: 'phone', use: { ...browser(390, 844), hasTouch: true } },
    // What no size of screen bears on runs at the phone's only.
    { name: 'wide', grepInvert: /@once/, use: browser(1280, 800) },
  ],
  webServer: {
    command: 'npx tsx server/main.ts',
    env: { PORT: String(PORT), SPOKE_NOW: '2026-11-24T10:00:00Z' },
    url: `http://localhost:${PORT}`,
    reuseExistingServer: !process.env.CI,
  },
});
