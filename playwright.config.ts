import { defineConfig } from '@playwright/test';
import { BROWSER, PORT } from './e2e/browser';

/** Together they are on every page. */
const CROSSING = /(?:round-trip|journey|seen-by-all)\.spec/;

/** Whole journeys in Debian's Chromium, against the built application as Express serves it. */
export default defineConfig<object, { withoutNetwork: boolean }>({
  testDir: 'e2e',
  outputDir: 'test-results/journeys',
  fullyParallel: true,
  forbidOnly: true,
  // Two cores are the least that these run on; a fourth only takes time from the others.
  workers: 3,
  // Generous, since a machine may be busy; what has to be quick is measured in the benchmarks.
  timeout: 180_000,
  expect: { timeout: 20_000 },
  reporter: [['list'], ['json', { outputFile: 'test-results/journeys.json' }]],
  use: {
    ...BROWSER,
    baseURL: `http://127.0.0.1:${PORT}`,
    // Movement costs a class most of its time here; journeys that are about it ask for it.
    contextOptions: { reducedMotion: 'reduce' },
    // A trace costs a third of the time; `--trace on` makes one for the journey that is looked into.
    screenshot: 'only-on-failure',
  },
  projects: [
    { name: 'phone', use: { viewport: { width: 390, height: 844 } } },
    {
      // Every journey of the phone once more, with the network off after one visit. All of them by
      // `npm run offline`; with the rest the longest ones, which cross every page.
      name: 'offline',
      grepInvert: /@online/,
      ...(process.env.OFFLINE !== 'all' && { testMatch: CROSSING }),
      testIgnore: /offline\.spec/,
      use: { viewport: { width: 390, height: 844 }, withoutNetwork: true },
    },
    {
      name: 'wide',
      grep: /@wide/,
      use: { viewport: { width: 1280, height: 800 } },
    },
  ],
  webServer: {
    command: 'node dist/server/main.mjs',
    env: { PORT: String(PORT) },
    url: `http://127.0.0.1:${PORT}/healthz`,
    reuseExistingServer: false,
  },
});
