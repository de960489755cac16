import { defineConfig } from '@playwright/test'

const port = 4199
const json = process.env['E2E_JSON']

/** The built program, driven in Debian's Chromium at 1280 × 800. */
export default defineConfig({
  testDir: 'e2e',
  // On an overloaded machine too: nothing fails by its pace.
  timeout: 240_000,
  expect: { timeout: 30_000 },
  fullyParallel: true,
  workers: 2,
  retries: process.env['CI'] === 'true' ? 1 : 0,
  forbidOnly: process.env['CI'] === 'true',
  reporter: json ? [['list'], ['json', { outputFile: json }]] : [['list']],
  use: {
    baseURL: `http://127.0.0.1:${port}`,
    viewport: { width: 1280, height: 800 },
    locale: 'en-GB',
    // Each journey is a browser of its own: nothing needs to be kept from one to the next.
    serviceWorkers: 'block',
    // Nothing moves by itself, as one may ask of it: what is opened is there at once.
    contextOptions: { reducedMotion: 'reduce' },
    launchOptions: {
      executablePath: '/usr/bin/chromium',
      args: [
        '--no-sandbox',
        '--disable-gpu',
        '--disable-background-networking',
        '--disable-component-update',
        '--disable-sync',
        '--no-first-run',
      ],
    },
  },
  webServer: {
    command: 'node .cache/server.mjs',
    env: { PORT: String(port) },
    url: `http://127.0.0.1:${port}/`,
  },
})
