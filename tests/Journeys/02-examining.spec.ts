import { type Page, devices, expect } from '@playwright/test'
import type { Assessment, Examination } from '../../web/src/contract/types'
import { consent, consentAndClearGate, goTo, saved, select } from '../Browser/person'
import { counting, note, taken } from './counting'
import { answered, idIn, tabOf, test } from './people'

const PHONE = { viewport: { width: 390, height: 800 }, hasTouch: true, isMobile: true }
const TABLET = { viewport: devices['iPad (gen 7)'].viewport, hasTouch: true, isMobile: true }

async function find(page: Page, name: string): Promise<void> {
  await page.goto('/')
  await page.getByPlaceholder('Name, number or squad').fill(name)
  await expect(page.getByRole('button', { name: `Examine ${name}` })).toBeVisible()
}

async function start(page: Page, name: string, side: 'left' | 'right', since = 'Within a week'): Promise<void> {
  await find(page, name)
  await page.getByRole('button', { name: `Examine ${name}` }).click()
  await page.getByRole('radio', { name: since, exact: true }).click()
  await page.getByRole('button', { name: `${side} knee hurt` }).click()
  await expect(page.getByRole('heading', { name: 'History', level: 1 })).toBeVisible()
}

const assessed = async (page: Page): Promise<Assessment> =>
  (await answered<Examination>(page, `/api/examinations/${idIn(page)}`)).assessment

const stops = (assessment: Assessment) => assessment.route.stops.flatMap((stop) => stop.manoeuvres)

async function sign(page: Page, by: string): Promise<void> {
  await page.getByRole('button', { name: 'Summary' }).click()
  await page.getByRole('button', { name: 'Sign…' }).click()
  await page.getByRole('dialog').getByRole('button', { name: 'Sign examination' }).click()
  await expect(page.getByText(new RegExp(`signed by ${by}`))).toBeVisible()
}

test('3 five baselines, one key for each manoeuvre, and the list of those without one is shorter by five', async ({
  browser,
}) => {
  test.setTimeout(420_000)
  const page = await tabOf(browser, 'practitioner')
  const counts = await counting(page)
  let presses = 0
  let keys = 0
  for (const letters of ['ak', 'bk', 'ck', 'dk', 'ek']) {
    const name = `Ída ${letters} Mårsh-${letters}`
    await page.goto('/')
    await page.getByRole('button', { name: 'Without a baseline' }).click()
    await page.getByPlaceholder('Name, number or squad').fill(name)
    taken(counts)
    await page.getByRole('button', { name: `Examine ${name}` }).click()
    await page.getByRole('button', { name: 'Start the baseline' }).click()
    await expect(page.getByRole('heading', { name: 'History', level: 1 })).toBeVisible()
    presses += taken(counts).presses
    await consentAndClearGate(page)
    const route = stops(await assessed(page))
    await goTo(page, 'Lachman')
    for (const [side, figure] of [
      ['R · right knee', '3'],
      ['L · left knee', '4'],
    ] as const) {
      await page.getByRole('region', { name: side }).getByRole('slider').first().focus()
      await page.keyboard.type(figure)
      await page.keyboard.press('Enter')
    }
    await saved(page)
    await page.keyboard.press('PageUp')
    taken(counts)
    for (const _ of route) await page.keyboard.press('n')
    keys += taken(counts).keys
    await saved(page)
    await sign(page, 'Bo Tarrant')
  }
  note('a baseline begun', `${presses / 5} presses`, '2 clicks')
  note('a baseline’s manoeuvres', `${keys / 5} keys`, 'about 95, keys stuck on rules')
  await page.goto('/')
  await page.getByRole('button', { name: 'Without a baseline' }).click()
  await expect(page.getByText('35 athletes have no signed baseline of the last two years')).toBeVisible()
})

test('4 the touchline on a phone, cut off half-way: told at once, a reload keeps all, and all is stored', async ({
  browser,
}) => {
  const page = await tabOf(browser, 'practitioner', PHONE)
  const counts = await counting(page)
  const name = 'Ída fk Mårsh-fk'
  await find(page, name)
  await page.evaluate(() => navigator.serviceWorker?.ready)
  taken(counts)
  await page.getByRole('button', { name: `Examine ${name}` }).tap()
  await select(page, 'Which route?', 'Touchline: can they go on?')
  await page.getByRole('button', { name: 'left knee hurt' }).tap()
  await expect(page.getByRole('heading', { level: 1, name: 'Ask' })).toBeVisible()
  note('touchline begun on a phone', `${taken(counts).presses} taps`, '4 taps')
  await consent(page)
  await page.getByRole('button', { name: 'None of these' }).tap()
  await page.getByRole('button', { name: 'Next', exact: true }).tap()
  await page.getByRole('button', { name: 'None of these' }).tap()
  await expect(page.getByRole('status', { name: 'Save status' })).toHaveText('Saved')

  await page.context().setOffline(true)
  const deformed = page.getByRole('radiogroup', { name: 'Deformed' })
  await deformed.getByRole('radio', { name: 'yes' }).tap()
  await expect(page.getByRole('alert').filter({ hasText: 'imaging before any testing' })).toBeVisible()
  await expect(page.getByText('1 entry not judged yet.')).toBeVisible()
  await deformed.getByRole('radio', { name: 'no', exact: true }).tap()
  await page.getByRole('button', { name: 'Next', exact: true }).tap()
  for (let taps = 0; taps < 6; taps++) await page.getByRole('button', { name: /^Normal, (?!but)/ }).tap()
  const way = page.getByRole('progressbar', { name: 'Steps of the route' })
  const reached = (await way.getAttribute('aria-valuetext'))!
  await page.reload()
  await expect(page.getByText(/entries not judged yet/)).toBeVisible()
  await expect(way).toHaveAttribute('aria-valuetext', reached)
  await page.context().setOffline(false)
  await page.evaluate(() => window.dispatchEvent(new Event('online')))
  await expect(page.getByRole('status', { name: 'Save status' })).toHaveText('Saved', { timeout: 60_000 })
  const { records } = await answered<Examination>(page, `/api/examinations/${idIn(page)}`)
  expect(records.filter(({ payload }) => payload !== null).length).toBeGreaterThanOrEqual(6)
  note('entries of six offline steps and a reload', 'all stored', 'all stored, no alarm')
})

test('5a the whole clinic by keys', async ({ browser }) => {
  const page = await tabOf(browser, 'practitioner')
  const counts = await counting(page)
  await start(page, 'Ída gk Mårsh-gk', 'right', 'No injury')
  await consentAndClearGate(page)
  await select(page, 'Route', 'Clinic, full')
  await saved(page)
  const route = stops(await assessed(page))
  await page.getByRole('button', { name: /^Safety check/ }).click()
  taken(counts)
  await page.keyboard.press('F9')
  for (const _ of route) await page.keyboard.press('n')
  const { keys } = taken(counts)
  await expect(page.getByRole('status', { name: 'Save status' })).toHaveText('Saved', { timeout: 90_000 })
  await expect(page.getByRole('img', { name: /^Core set: (\d+) of \1 done/ })).toBeVisible()
  expect(keys).toBeLessThanOrEqual(76)
  note(`${route.length} manoeuvres by keys`, `${keys} keys`, '76 keys')
  await sign(page, 'Bo Tarrant')
})

test('5b the menisci by touch on a tablet', async ({ browser }) => {
  const page = await tabOf(browser, 'practitioner', TABLET)
  const counts = await counting(page)
  await start(page, 'Ída hk Mårsh-hk', 'left')
  await consentAndClearGate(page)
  await select(page, 'Route', 'Focus: menisci')
  await saved(page)
  const route = stops(await assessed(page))
  await page.getByRole('button', { name: 'Next', exact: true }).tap()
  taken(counts)
  for (const _ of route) await page.getByRole('button', { name: /^Both normal, next/ }).tap()
  const { presses } = taken(counts)
  expect(presses).toBeLessThanOrEqual(29)
  note(`${route.length} manoeuvres by touch`, `${presses} taps`, '29 taps')
  await saved(page)
  await sign(page, 'Bo Tarrant')
})
