import { type BrowserContext, test as base, expect } from '@playwright/test'
import { countingRuns } from './coverage'

export * from '@playwright/test'

/**
 * All text that is shown is read along: codes, identifiers and values that nobody filled are for programs, and some words
 * are odd. A version may be told as what it is.
 */
function readAlong(): void {
  const RAW = [
    /\b[a-z]+(?:_[a-z0-9]+)+\b/,
    /(?<!version )\b(?=[0-9a-f]*[a-f])(?=[0-9a-f]*\d)[0-9a-f]{10,}\b/,
    /\b01[0-9A-HJKMNP-TV-Z]{24}\b/i,
    /\bundefined\b|\bNaN\b|\[object |\bnull\b/,
    // A placeholder of a sentence that was not filled.
    /\{\w+\}|:[a-z]+\b(?= must| is| lies| cannot)/,
  ]
  /** Words that the field does not use; docs/glossary.md names those that it does. */
  const ODD =
    /\b(?:(?:take|taken) back|put away|let it go|note it|to go on with|seen lately|result came|it turned out|take along|turn(?:ed)? down|held back|off limits|who may play|what is known|somebody|whoever|knees like this|look again|sent? on|one hand may miss|safety gate|multiplied by hand|counts as|gives more|moves nothing|a line of heads)\b/i
  const NAMED = ['aria-label', 'title', 'alt', 'placeholder']
  const { told } = window as unknown as { told: (text: string) => void }
  const said = new Set<string>()
  const read = (text: string | null, beside: Element | null): void => {
    if (!text || said.has(text) || beside?.closest('script, style, code, .address, [data-for-programmers]')) return
    // What people are meant to copy into another program.
    const words = text.replace(/https?:\S+|\S+@\S+|bin\/\S+|\S+\.(?:csv|eml|ics|pdf)\b/g, '')
    if (!ODD.test(words) && !RAW.some((raw) => raw.test(words))) return
    said.add(text)
    told(`${location.pathname}: ${text.trim().slice(0, 160)}`)
  }
  const below = (node: Node): void => {
    if (node instanceof Text) return read(node.data, node.parentElement)
    if (!(node instanceof Element)) return
    for (const name of NAMED) read(node.getAttribute(name), node)
    for (const child of node.childNodes) below(child)
  }
  new MutationObserver((changes) => {
    for (const { type, target, addedNodes, attributeName } of changes)
      if (type === 'childList') addedNodes.forEach(below)
      else if (target instanceof Element) read(target.getAttribute(attributeName ?? ''), target)
      else below(target)
  }).observe(document, {
    subtree: true,
    childList: true,
    characterData: true,
    attributes: true,
    attributeFilter: NAMED,
  })
}

/** What no practitioner can read, on any page of this context, from now on. */
export async function reading(context: BrowserContext): Promise<Set<string>> {
  const raw = new Set<string>()
  await context.exposeFunction('told', (text: string) => raw.add(text))
  await context.addInitScript(readAlong)
  return raw
}

/** Milliseconds in which a browser opens a context, however busy the machine; a second try has as many. */
const OPENING = 90_000

/** What opens, or an error once its time is over. What comes too late is closed. */
async function inTime(opening: Promise<BrowserContext>): Promise<BrowserContext> {
  let timer: ReturnType<typeof setTimeout> | undefined
  const late = new Promise<never>((_, refuse) => {
    timer = setTimeout(() => {
      refuse(
        new Error(`no browser context within ${OPENING / 1000} s: the machine stalled, which is no fault of the test`),
      )
      void opening.then(
        (context) => context.close(),
        () => undefined,
      )
    }, OPENING)
  })
  return Promise.race([opening, late]).finally(() => clearTimeout(timer))
}

/** Opens a context, and once more where the machine stalled. */
export function patiently(open: () => Promise<BrowserContext>): Promise<BrowserContext> {
  return inTime(open()).catch(() => inTime(open()))
}

/** As on a metered line: the 3.6 MB of the judge are not got unasked, in a test that is about something else. */
export function onMeteredLine(): void {
  Object.defineProperty(navigator, 'connection', { get: () => ({ saveData: true }) })
}

export const test = base.extend<{ readable: undefined; judgeOnDevice: boolean }>({
  /** Whether this device gets what it takes to judge without a network. */
  judgeOnDevice: [false, { option: true }],
  // Its own limit does not count against the test that waits for it.
  context: [
    async ({ browser, baseURL, viewport, hasTouch, isMobile, judgeOnDevice }, use) => {
      const at = baseURL === undefined ? {} : { baseURL }
      const context = await patiently(() => browser.newContext({ ...at, viewport, hasTouch, isMobile }))
      if (!judgeOnDevice) await context.addInitScript(onMeteredLine)
      const writeDown = countingRuns(browser, context)
      await use(context)
      await writeDown()
      await context.close()
    },
    { scope: 'test', timeout: 3 * OPENING },
  ],
  readable: [
    async ({ context }, use) => {
      const raw = await reading(context)
      await use(undefined)
      expect([...raw], 'every text of every page is for people').toEqual([])
    },
    { auto: true },
  ],
})
