import { randomUUID } from 'node:crypto'
import { mkdirSync, writeFileSync } from 'node:fs'
import type { BrowserContext, Page } from '@playwright/test'

/** Where what the browser ran is written down; nothing is where nobody asks. */
const FOLDER = process.env.BROWSER_COVERAGE

/**
 * Counts what the pages of a context run of the interface, from now on.
 *
 * @returns what writes it down, once the context is not needed any more
 */
export function countingRuns(context: BrowserContext): () => Promise<void> {
  if (FOLDER === undefined) return async () => undefined
  const begun = new Map<Page, Promise<void>>()
  context.on('page', (page) => {
    begun.set(
      page,
      page.coverage.startJSCoverage({ resetOnNavigation: false }).catch(() => undefined),
    )
  })
  return async () => {
    mkdirSync(FOLDER, { recursive: true })
    for (const [page, start] of begun) {
      await start
      // A page that was closed takes its counts along.
      const entries = page.isClosed() ? [] : await page.coverage.stopJSCoverage().catch(() => [])
      const own = entries
        .filter(({ url }) => new URL(url).pathname.startsWith('/build/assets/'))
        .map(({ url, functions }) => ({ url, functions }))
      if (own.length > 0) writeFileSync(`${FOLDER}/${randomUUID()}.json`, JSON.stringify(own))
    }
  }
}
