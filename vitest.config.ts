import { defineConfig, mergeConfig } from 'vitest/config'
import vite from './vite.config'

/** Tests of modules that keep something for the whole tab, or stand in for one: each file begins with a new one. */
const OF_A_TAB = ['begun', 'desk', 'judge', 'offline', 'saveQueue', 'sendAll', 'shelf', 'wrap'].map(
  (name) => `tests/Unit/${name}.test.ts`,
)

export default mergeConfig(
  vite,
  defineConfig({
    test: {
      environment: 'jsdom',
      server: { deps: { inline: ['element-plus'] } },
      coverage: {
        provider: 'v8',
        include: ['web/src/**/*.{ts,vue}'],
        exclude: ['**/*.d.ts'],
        reporter: ['json'],
        reportsDirectory: 'var/unit-coverage',
      },
      restoreMocks: true,
      unstubGlobals: true,
      projects: [
        {
          extends: true,
          // A document for each worker, and not for each file, takes a fifth of the time.
          test: { name: 'shared', include: ['tests/Unit/**/*.test.ts'], exclude: OF_A_TAB, isolate: false },
        },
        { extends: true, test: { name: 'tab', include: OF_A_TAB } },
      ],
    },
  }),
)
