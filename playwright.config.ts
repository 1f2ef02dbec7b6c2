import { defineConfig } from '@playwright/test'
import { DEMO_PORT, EMPTY_PORT } from './e2e/servers'

const CHROMIUM_ARGS = [
  '--no-sandbox',
  '--disable-gpu',
  '--disable-quic',
  '--no-first-run',
  '--disable-background-networking',
  '--disable-component-update',
  '--disable-sync',
]

/** A server on data of its own, made afresh for each run. */
function server(name: string, port: number, seed: boolean) {
  const folder = `test-results/data-${name}`
  const seeding = seed ? 'node dist/seed-demo.mjs &&' : ''
  return {
    command: `bash -c 'rm -rf ${folder} && mkdir -p ${folder} && ${seeding} exec node dist/serve.mjs'`,
    url: `http://127.0.0.1:${port}/`,
    env: { RIPE_ACORN_DATA: folder, RIPE_ACORN_PORT: String(port) },
    reuseExistingServer: false,
    timeout: 60_000,
  }
}

export default defineConfig({
  testDir: 'e2e',
  outputDir: 'test-results/e2e',
  // The tests share two databases; each makes what it changes, and they run one after the other.
  workers: 1,
  timeout: 120_000,
  // A busy machine may take its time; nothing here is a measure of speed.
  expect: { timeout: 20_000 },
  reporter: [['list'], ['json', { outputFile: 'test-results/e2e.json' }]],
  use: {
    baseURL: `http://127.0.0.1:${DEMO_PORT}`,
    viewport: { width: 1280, height: 800 },
    launchOptions: { executablePath: '/usr/bin/chromium', args: CHROMIUM_ARGS },
    trace: 'retain-on-failure',
    // What a test cuts off must not come from a cache; `offline.spec.ts` allows it.
    serviceWorkers: 'block',
  },
  webServer: [server('demo', DEMO_PORT, true), server('empty', EMPTY_PORT, false)],
})
