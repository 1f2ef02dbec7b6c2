import { defineConfig } from '@playwright/test'
import { headlessChromium } from './scripts/chromium'

export default defineConfig({
  testDir: 'e2e',
  outputDir: 'test-results/e2e',
  // One for each core. Each has a server of its own (e2e/fixtures.ts), so that tests of two never meet.
  workers: '100%',
  fullyParallel: true,
  timeout: 120_000,
  // A busy machine may take its time; nothing here is a measure of speed.
  expect: { timeout: 20_000 },
  reporter: [['list'], ['json', { outputFile: 'test-results/e2e.json' }]],
  use: {
    viewport: { width: 1280, height: 800 },
    // What the house rules propose follows the place.
    locale: 'en-GB',
    launchOptions: headlessChromium,
    // What a test did is recorded where it is asked for: TRACE=on npm run e2e -- table.spec.ts
    trace: process.env.TRACE ? 'on' : 'off',
    screenshot: 'only-on-failure',
    // What a test cuts off must not come from a cache; `offline.spec.ts` allows it.
    serviceWorkers: 'block',
  },
})
