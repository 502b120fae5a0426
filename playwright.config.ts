import { defineConfig } from '@playwright/test'
import { LAUNCH } from './bin/lib/chromium.mjs'

export default defineConfig({
  testDir: 'tests/Browser',
  outputDir: 'var/playwright',
  workers: 1,
  timeout: 120_000,
  // A busy machine may take its time; what never comes is still missed.
  expect: { timeout: 15_000 },
  forbidOnly: true,
  reporter: [['list']],
  // Last comes what leaves the application that bin/test started dead.
  projects: [
    { name: 'interface', testIgnore: /killed/ },
    { name: 'killed', testMatch: /killed/, dependencies: ['interface'] },
  ],
  use: {
    baseURL: process.env.BASE_URL ?? 'http://127.0.0.1:8147',
    viewport: { width: 1280, height: 800 },
    launchOptions: LAUNCH,
  },
})
