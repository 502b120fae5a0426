import { defineConfig } from '@playwright/test'

/** Against an application of its own that is killed, filled, held and robbed: bin/test resilience. */
export default defineConfig({
  testDir: 'tests/Resilience',
  outputDir: 'var/resilience-results',
  workers: 1,
  // A busy machine may take its time; what hangs is still missed.
  timeout: 900_000,
  expect: { timeout: 30_000 },
  forbidOnly: true,
  reporter: [['list']],
})
