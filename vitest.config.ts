import { defineConfig, mergeConfig } from 'vitest/config'
import vite from './vite.config'

export default mergeConfig(
  vite,
  defineConfig({
    test: {
      include: ['tests/Unit/**/*.test.ts'],
      environment: 'jsdom',
      server: { deps: { inline: ['element-plus'] } },
      restoreMocks: true,
      unstubGlobals: true,
    },
  }),
)
