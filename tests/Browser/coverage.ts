import { randomUUID } from 'node:crypto'
import { mkdirSync, writeFileSync } from 'node:fs'
import type { Browser, BrowserContext, Page } from '@playwright/test'

/** Where what the browser ran is written down; nothing is where nobody asks. */
const FOLDER = process.env.BROWSER_COVERAGE

/**
 * Counts what the pages of a context run of the interface, from now on, and those of contexts that are opened beside it.
 *
 * @returns what writes it down, once none of them is needed any more
 */
export function countingRuns(browser: Browser, first: BrowserContext): () => Promise<void> {
  if (FOLDER === undefined) return async () => undefined
  const begun = new Map<Page, Promise<void>>()
  const start = (page: Page): Promise<void> =>
    page.coverage.startJSCoverage({ resetOnNavigation: false }).catch(() => undefined)
  const count = async (page: Page): Promise<void> => {
    await begun.get(page)
    // A page that was closed takes its counts along.
    writeDown(page.isClosed() ? [] : await page.coverage.stopJSCoverage().catch(() => []))
  }
  const watch = (context: BrowserContext): BrowserContext =>
    context.on('page', (page) => {
      begun.set(page, start(page))
      // What a document ran is forgotten with it, some time after the next one has come.
      for (const name of ['goto', 'reload'] as const) {
        const go = page[name].bind(page) as (...given: unknown[]) => Promise<never>
        page[name] = async (...given: unknown[]) => {
          await count(page)
          begun.set(page, start(page))
          await begun.get(page)
          return go(...given)
        }
      }
    })
  const open = browser.newContext.bind(browser)
  browser.newContext = async (options) => watch(await open(options))
  watch(first)
  return async () => {
    browser.newContext = open
    for (const page of begun.keys()) await count(page)
  }
}

function writeDown(entries: Awaited<ReturnType<Page['coverage']['stopJSCoverage']>>): void {
  const own = entries
    .filter(({ url }) => new URL(url).pathname.startsWith('/build/assets/'))
    .map(({ url, functions }) => ({ url, functions }))
  if (own.length === 0 || FOLDER === undefined) return
  mkdirSync(FOLDER, { recursive: true })
  writeFileSync(`${FOLDER}/${randomUUID()}.json`, JSON.stringify(own))
}
