import { type Page, expect, test } from './reading'
import { assessment, consent, expectAccessible, expectNoSidewaysScroll, logIn, select } from './person'

test.use({ viewport: { width: 390, height: 800 }, hasTouch: true })

async function start(page: Page, athlete: string): Promise<void> {
  await logIn(page)
  await page.getByRole('button', { name: `Examine ${athlete}` }).tap()
  await select(page, 'Which route?', 'Touchline: can they go on?')
  await page.getByRole('button', { name: 'left knee hurt' }).tap()
  await expect(page.getByRole('heading', { level: 1, name: 'Ask' })).toBeVisible()
}

async function askNothingWrong(page: Page): Promise<void> {
  await consent(page)
  await page.getByRole('radio', { name: '15 min' }).tap()
  await page.getByRole('button', { name: 'None of these' }).tap()
  await page.getByRole('radio', { name: 'Pain now 2 of 10' }).tap()
  await page.getByRole('button', { name: 'Next', exact: true }).tap()
  await page.getByRole('button', { name: 'None of these' }).tap()
  await page.getByRole('button', { name: 'Next', exact: true }).tap()
}

const ROUTE = [
  'Distal pulse',
  'Sensation of the foot',
  'Ankle lift',
  'Inspection',
  'Effusion sweep',
  'Straight leg raise',
  'Valgus, 0°',
  'Varus, 0°',
  'Posterior sag',
  'Lachman',
  'Valgus, 30°',
  'Varus, 30°',
  'Gait',
  'Hop',
  'Run, cut, stop',
]

/** One tap for each: where a normal test hangs on one check, the tap answers it as well. */
async function normal(page: Page): Promise<void> {
  await page.getByRole('button', { name: /^Normal, (?!but)/ }).tap()
}

test('a sound knee goes on after one tap for each manoeuvre', async ({ page }) => {
  await start(page, 'Tove Brandreth')
  await expect(page.locator('html')).toHaveAttribute('data-look', 'outdoor')
  await expectAccessible(page)
  await askNothingWrong(page)
  for (const name of ROUTE) {
    await expect(page.getByRole('heading', { level: 1, name })).toBeVisible()
    await normal(page)
  }
  const verdict = page.getByRole('region', { name: /continue/ })
  await expect(verdict).toContainText('May continue')
  await expect(verdict).toContainText('It never clears a return after a cruciate injury.')
  await expect(verdict).toContainText('Re-examine')
  await expect(page.getByRole('status', { name: 'Save status' })).toHaveText('Saved')
  const judged = await assessment(page)
  expect(judged.plan.lookAgain?.hours).not.toBe('')
  expect(judged.results.every((result) => result.finding !== 'lachman' || result.counts)).toBe(true)
  const stored = (await (await page.request.get(`/api/${/examinations\/[\w-]+/.exec(page.url())![0]}`)).json()) as {
    records: { side: string }[]
  }
  expect(stored.records.filter((record) => record.side === 'right')).toEqual([])
  await expectAccessible(page)
  await expectNoSidewaysScroll(page)
})

test('a loose knee stops, with the reasons, and goes on where it was after a reload', async ({ page }) => {
  await start(page, 'Wynn Tarbuck')
  await askNothingWrong(page)
  for (let taps = 0; taps < ROUTE.indexOf('Lachman'); taps++) await normal(page)
  await expect(page.getByRole('heading', { level: 1, name: 'Lachman' })).toBeVisible()
  await expectAccessible(page)
  await expectNoSidewaysScroll(page)
  await page.getByRole('radio', { name: /^clearly/ }).tap()
  await page.getByRole('radio', { name: 'soft' }).tap()
  await expect(page.getByText('Nothing tested now lets the athlete go on.')).toBeVisible()
  await expect(page.getByRole('button', { name: 'See the answer' })).toBeVisible()
  await page.getByRole('button', { name: 'Next', exact: true }).tap()
  await expect(page.getByRole('status', { name: 'Save status' })).toHaveText('Saved')
  await page.reload()
  await expect(page.getByRole('heading', { level: 1, name: 'Valgus, 30°' })).toBeVisible()
  await page.getByRole('button', { name: 'Not done…' }).tap()
  await page.getByRole('button', { name: 'pain', exact: true }).tap()
  // Varus and the gait are left; nobody is asked to hop or run on it.
  for (const name of ['Varus, 30°', 'Gait']) {
    await expect(page.getByRole('heading', { level: 1, name })).toBeVisible()
    await normal(page)
  }
  await expect(page.getByRole('heading', { level: 1, name: 'Going on today?' })).toBeVisible()
  await expect(page.getByRole('status').filter({ hasText: 'Stop' })).toBeVisible()
  await expect(page.getByText('A cruciate test is positive.')).toBeVisible()
  await expect(page.getByText('Not all four collateral tests are done.')).toBeVisible()
  await page.getByRole('link', { name: 'Summary' }).tap()
  await expect(page.getByRole('heading', { name: 'Both knees' })).toBeVisible()
})

test('a pulse that was missing once keeps the emergency, even when it is felt again', async ({ page }) => {
  await start(page, 'Lior Haverstock')
  await page.goto(page.url().replace('touchline', 'emergency'))
  await expect(page.getByText('No emergency sign is raised for this knee.')).toBeVisible()
  await page.getByRole('button', { name: 'Not felt' }).tap()
  await expect(page.getByText('The limb may be in danger')).toBeVisible()
  await page.getByRole('button', { name: 'Felt now' }).tap()
  await expect(page.getByText(/pulse felt/)).toBeVisible()
  await expect(page.getByRole('status', { name: 'Save status' })).toHaveText('Saved')
  await page.reload()
  await expect(page.getByText('The limb may be in danger')).toBeVisible()
  await expect(page.getByText(/pulse not felt/)).toBeVisible()
  await expectNoSidewaysScroll(page)
})

test('a danger is told at once, and every target is large enough', async ({ page }) => {
  await start(page, 'Sana Withernsea')
  await page.getByRole('button', { name: 'Next', exact: true }).tap()
  await page
    .getByRole('radiogroup', { name: 'Pulse or feeling in the foot lost' })
    .getByRole('radio', { name: 'yes' })
    .tap()
  await expect(page.getByText('The limb may be in danger')).toBeVisible()
  const small = await page
    .locator('button:visible, a:visible')
    .evaluateAll((targets) =>
      targets
        .map((target) => ({ name: target.textContent?.trim(), height: target.getBoundingClientRect().height }))
        .filter(({ height }) => height < 43.5),
    )
  expect(small).toEqual([])
  await page.getByRole('button', { name: 'See the answer' }).tap()
  await page.getByRole('link', { name: 'Emergency hand-over' }).tap()
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Sana Withernsea')
  await page.getByRole('button', { name: 'Felt now' }).tap()
  await expect(page.getByText(/0 min ago/)).toBeVisible()
  await expect(page.getByText(/pulse felt/)).toBeVisible()
  await expectAccessible(page)
  await expectNoSidewaysScroll(page)
})

test('without the server an emergency is told at once, entries are counted, and no older answer stands', async ({
  page,
}) => {
  await start(page, 'Jonah Skelwith')
  await askNothingWrong(page)
  await expect(page.getByRole('status', { name: 'Save status' })).toHaveText('Saved')
  await page.route('**/api/**', (route) => route.abort())
  await page.getByRole('button', { name: 'Back', exact: true }).tap()
  await page.getByRole('radiogroup', { name: 'Deformed' }).getByRole('radio', { name: 'yes' }).tap()
  await expect(page.getByRole('alert').filter({ hasText: 'imaging before any testing' })).toBeVisible()
  await expect(page.getByText('1 entry not judged yet.')).toBeVisible()
  await expect(page.getByText('Stop.', { exact: true })).toBeHidden()
  for (let taps = 0; taps <= ROUTE.length; taps++)
    await page.getByRole('button', { name: /^(Next|Normal, (?!but).*)$/ }).tap()
  await expect(page.getByRole('heading', { name: 'Going on today?' })).toBeVisible()
  await expect(page.getByText(/entries not judged yet/)).toBeVisible()
  await expect(page.getByRole('region', { name: /continue/ })).toBeHidden()
  await page.getByRole('link', { name: 'Summary' }).tap()
  await expect(page.getByText('The assessment below does not include them yet.')).toBeVisible()
  await page.unroute('**/api/**')
  await page.evaluate(() => ['offline', 'online'].map((now) => window.dispatchEvent(new Event(now))))
  await expect(page.getByText(/not judged yet/)).toBeHidden({ timeout: 30_000 })
})
