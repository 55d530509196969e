import { defineConfig } from '@playwright/test'
import { BROWSER_ARGS, CHROMIUM } from './tests/support/browser'

/** They look at screens and change little: ./test runs them beside the others, on a server of their own. */
const LOOKS = /(screens|widths|interchange)\.spec\.ts$/

export default defineConfig({
  testDir: 'tests/e2e',
  projects: [
    { name: 'looks', testMatch: LOOKS, outputDir: '.local/e2e-looks' },
    { name: 'work', testIgnore: LOOKS },
  ],
  fullyParallel: false,
  workers: 1,
  timeout: 300_000,
  // Once more on a busy machine; ./test names what needed it, for it may be a race of ours.
  retries: 1,
  expect: { timeout: 30_000 },
  reporter: [
    ['list'],
    ['json', { outputFile: process.env['PLAYWRIGHT_JSON_OUTPUT_NAME'] ?? '.local/reports/e2e.json' }],
  ],
  outputDir: '.local/e2e',
  use: {
    // What a busy machine makes wait; a click that was lost fails by then, not at the end of its test.
    actionTimeout: 60_000,
    baseURL: process.env['AMBER_URL'] ?? 'http://127.0.0.1:3000',
    // What keeps pages would answer for the server; the test of it allows it.
    serviceWorkers: 'block',
    viewport: { width: 1280, height: 800 },
    launchOptions: { executablePath: CHROMIUM, args: BROWSER_ARGS },
  },
})
