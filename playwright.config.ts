import { defineConfig } from '@playwright/test'
import { BROWSER_ARGS, CHROMIUM } from './scripts/setup.mjs'

const PORT = 4399

export default defineConfig({
  testDir: 'e2e',
  globalSetup: './e2e/seed-demo.ts',
  // Two cores; each test has a browser context of its own.
  workers: 2,
  fullyParallel: true,
  // Generous: the machine may be slow, and a test that hangs is told all the same.
  timeout: 240_000,
  expect: { timeout: 60_000 },
  // A machine that stands still for a minute is no fault of the page: what then passes is told as such, and where it fails again it has failed.
  retries: process.env.CI ? 1 : 0,
  use: {
    baseURL: `http://127.0.0.1:${PORT}`,
    viewport: { width: 1280, height: 800 },
    // Kept out, or every new context would fetch the whole application once more; the test without a network lets it in.
    serviceWorkers: 'block',
    launchOptions: { executablePath: CHROMIUM, args: BROWSER_ARGS },
  },
  webServer: {
    command: 'node .output/server/index.mjs',
    env: { PORT: String(PORT), HOST: '127.0.0.1' },
    url: `http://127.0.0.1:${PORT}/`,
    reuseExistingServer: false,
    timeout: 60_000,
  },
})
