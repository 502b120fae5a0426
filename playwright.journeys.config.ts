import { defineConfig } from '@playwright/test'
import { LAUNCH } from './bin/lib/chromium.mjs'

/** What a new club does on its first day, from an empty machine on: bin/test journeys. */
export default defineConfig({
  testDir: 'tests/Journeys',
  outputDir: 'var/journeys-results',
  globalSetup: './tests/Journeys/club.ts',
  workers: 1,
  timeout: 240_000,
  // A busy machine may take its time; what never comes is still missed.
  expect: { timeout: 15_000 },
  forbidOnly: true,
  // Each goes on where the one before it ended.
  maxFailures: 1,
  reporter: [['list']],
  use: {
    baseURL: `http://127.0.0.1:${process.env.JOURNEYS_PORT ?? '8177'}`,
    viewport: { width: 1280, height: 800 },
    timezoneId: 'Europe/Berlin',
    locale: 'de-DE',
    acceptDownloads: true,
    launchOptions: LAUNCH,
  },
})
