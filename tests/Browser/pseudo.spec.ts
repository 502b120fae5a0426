import { readFileSync } from 'node:fs'
import type { Page } from '@playwright/test'
import { logIn } from './person'
import { expect, test } from './reading'

/** What the pseudo-locale puts around each text of the catalogue; texts may stand in one another. */
const [OPENS, CLOSES] = ['⟦', '⟧']

/** What stands outside of every text of the catalogue. */
function outside(text: string): string {
  let depth = 0
  return [...text]
    .map((letter) => {
      if (letter === OPENS) depth++
      const kept = depth === 0 ? letter : ' '
      if (letter === CLOSES) depth--
      return kept
    })
    .join('')
}

/** All that is shown or read aloud, piece by piece. */
function shown(page: Page): Promise<string[]> {
  return page.evaluate(() => {
    const NAMED = ['aria-label', 'title', 'alt', 'placeholder']
    const found: string[] = []
    const walker = document.createTreeWalker(document.body, NodeFilter.SHOW_ELEMENT | NodeFilter.SHOW_TEXT)
    for (let node: Node | null = walker.currentNode; node; node = walker.nextNode()) {
      if (node instanceof Element) {
        if (node.matches('script, style, code, noscript')) continue
        for (const name of NAMED) found.push(node.getAttribute(name) ?? '')
      } else if (!node.parentElement?.closest('script, style, code, noscript, .address'))
        found.push(node.textContent ?? '')
    }
    return found.filter((text) => text.trim() !== '')
  })
}

/** Buttons, tabs and headings whose text is cut off. */
function cutOff(page: Page): Promise<string[]> {
  return page.evaluate(() =>
    [...document.querySelectorAll<HTMLElement>('button, a, h1, h2, h3, label, th')]
      .filter(
        (one) => one.checkVisibility({ visibilityProperty: true }) && getComputedStyle(one).overflowX !== 'visible',
      )
      .filter(
        (one) => !/unseen|skip/.test(one.className) && one.clientWidth > 1 && one.scrollWidth > one.clientWidth + 1,
      )
      .filter((one) => one.textContent?.includes('⟦'))
      .map((one) => one.textContent?.trim().slice(0, 60) ?? ''),
  )
}

/** What makes the page wider than its window. */
function tooWide(page: Page): Promise<string[]> {
  return page.evaluate(() => {
    const { clientWidth, scrollWidth } = document.documentElement
    if (scrollWidth <= clientWidth) return []
    return [...document.querySelectorAll('body *')]
      .filter((one) => one.children.length === 0 && one.getBoundingClientRect().right > clientWidth + 1)
      .map((one) => `${one.parentElement?.className} ${one.className}: ${one.textContent?.trim().slice(0, 40)}`)
      .slice(0, 3)
  })
}

const plain = (text: string): string => text.toLowerCase().replaceAll('_', ' ')

/** Of the browser and the component library, and not of ours: days, what a date field asks for, pages, time zones. */
const OTHERS =
  /^Go to (?:previous|next) page$|^(?:Previous|Next) 5 pages$|^page \d+$|^\d{1,2} \p{L}{3,4}(?: \d{4})?$|^\p{L}{3} \d{1,2} \p{L}{3,4}$|^yyyy$/u
const ZONES = new Set(Intl.supportedValuesOf('timeZone').flatMap((zone) => zone.split('/')))

/** A screen, and the button that opens more on it. */
type Screen = readonly [path: string, opens?: RegExp]

/** Every main view of a lead, by the athletes of the demo. */
async function screens(page: Page): Promise<Screen[]> {
  const today = await (await page.request.get('/api/today')).json()
  const [first] = today.unfinished
  const brief = today.unfinished.find(({ athlete }: { athlete: { name: string } }) => athlete.name === 'Edda Sollund')
  const { examinations } = await (await page.request.get(`/api/athletes/${first.athlete.id}`)).json()
  const athlete = `/athletes/${first.athlete.id}`
  const bench = `/examinations/${first.examination.id}`
  const signed = `/examinations/${today.seen[0].examination.id}`
  return [
    ['/'],
    ['/', /Examine /],
    ['/', /New athlete/],
    [athlete],
    [athlete, /Edit details/],
    [athlete, /Archive/],
    [`/knees/${examinations[0].episode}`],
    [bench],
    [bench, /Keys/],
    [`${bench}#gate`],
    [`${bench}#lachman`],
    [`${bench}/summary`],
    [`${bench}/summary`, /Sign/],
    [`${bench}/weigh/acl`],
    [`/examinations/${brief.examination.id}/touchline`],
    [`${bench}/emergency`],
    [`${signed}/summary`],
    [`${signed}/summary`, /Add note/],
    [`${signed}/athlete`],
    ['/arithmetic'],
    ['/arithmetic', /From counts/],
    ['/doctors'],
    ['/doctors', /Add contact/],
    ['/athletes'],
    ['/board'],
    ['/account'],
    ['/account', /Set up second factor/],
    ['/team'],
    ['/team', /Remove from team/],
    ['/audit-log'],
  ]
}

test('every text comes from the catalogue, and longer ones fit at 1280, 820 and 390 px', async ({ page }) => {
  test.setTimeout(300_000)
  const told = [plain(readFileSync('resources/drawings/plateau.json', 'utf8'))]
  const answers: Promise<void>[] = []
  page.on('response', (response) => {
    if (response.headers()['content-type']?.includes('json'))
      answers.push(
        response.json().then(
          (answer) => void told.push(plain(outside(JSON.stringify(answer)))),
          () => undefined,
        ),
      )
  })
  await logIn(page)
  const all = await screens(page)
  // A screen that is left at once may lose an answer before it is read; this one is asked for only once.
  told.push(plain(JSON.stringify(await (await page.request.get('/api/catalogue')).json())))
  await page.evaluate(() => localStorage.setItem('locale', 'en-XA'))
  const hardCoded = new Set<string>()
  const cut = new Set<string>()
  const wide = new Set<string>()
  for (const [path, opens] of all) {
    await page.setViewportSize({ width: 1280, height: 800 })
    await page.goto('about:blank')
    await page.goto(path)
    await expect(page.locator('main h1').first()).toContainText(/./)
    await page.waitForLoadState('networkidle')
    if (opens) {
      await page.getByRole('button', { name: opens }).first().click({ timeout: 15_000 })
      await page.waitForLoadState('networkidle')
    }
    await Promise.all(answers)
    for (const width of [1280, 820, 390]) {
      await page.setViewportSize({ width, height: 800 })
      const at = `${path} ${opens?.source ?? ''} at ${width} px`
      for (const one of await tooWide(page)) wide.add(`${at}: ${one}`)
      for (const text of await cutOff(page)) cut.add(`${at}: ${text}`)
      for (const text of await shown(page))
        for (const piece of outside(text).split(/[^\p{L}\d’'_ -]+/u))
          if (
            /\p{L}{3}/u.test(piece) &&
            !OTHERS.test(piece.trim()) &&
            !ZONES.has(piece.trim()) &&
            !told.some((answer) => answer.includes(plain(piece.trim())))
          )
            hardCoded.add(`${at}: ${piece.trim()}`)
    }
  }
  expect.soft([...hardCoded], 'texts that no catalogue and no answer of the server has').toEqual([])
  expect.soft([...wide], 'what is wider than its window').toEqual([])
  expect.soft([...cut], 'texts that are cut off').toEqual([])
})
