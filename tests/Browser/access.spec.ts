import type { Page } from '@playwright/test'
import { expect, test } from './reading'
import { expectAccessible, expectNoSidewaysScroll, goTo, logIn, openDemo, select } from './person'

/** The looks differ in their colours alone, so all the other rules are asked in one of them, the last. */
const LOOKS = { dark: ['color-contrast'], outdoor: ['color-contrast'], light: [] }

/** As if the look were chosen in another tab: the screen stays as it is. */
async function expectInEveryLook(page: Page): Promise<void> {
  for (const [look, rules] of Object.entries(LOOKS)) {
    await page.evaluate((newValue) => {
      const key = 'gray-compass:look'
      localStorage.setItem(key, newValue)
      dispatchEvent(new StorageEvent('storage', { key, newValue, storageArea: localStorage }))
    }, look)
    await expect(page.locator(`html[data-look=${look}]`)).toBeAttached()
    await page.evaluate(() => Promise.all(document.getAnimations().map((one) => one.finished.catch(() => undefined))))
    await expectAccessible(page, rules)
  }
}

const MANOEUVRES = [
  'Lachman',
  'McMurray',
  'Joint line palpation',
  'Landmark palpation',
  'Flexion range',
  'Effusion sweep',
  'Gait',
  'Pivot shift',
]

test.describe('accessible in the light, dark and outdoor look', () => {
  // Each screen is read three times by axe, which takes seconds where the machine is busy.
  test.describe.configure({ timeout: 240_000 })

  test('log-in, Today, and starting an examination', async ({ page }) => {
    await page.goto('/login')
    await expectInEveryLook(page)
    await logIn(page)
    await select(page, 'Theme', 'Dark')
    await expect(page.locator('html[data-look=dark]')).toBeAttached()
    await expectInEveryLook(page)
    await page.getByRole('button', { name: 'Examine Wynn Tarbuck' }).click()
    await expectInEveryLook(page)
  })

  test('history and safety check', async ({ page }) => {
    await logIn(page)
    await openDemo(page, 'Mirre Aldous')
    await expect(page.getByRole('heading', { name: 'History', level: 1 })).toBeVisible()
    await expectInEveryLook(page)
    await page.getByRole('button', { name: /^Safety check/ }).click()
    await expectInEveryLook(page)
  })

  for (const half of [MANOEUVRES.slice(0, 4), MANOEUVRES.slice(4)]) {
    test(`manoeuvres: ${half.join(', ')}`, async ({ page }) => {
      await logIn(page)
      await openDemo(page, 'Mirre Aldous')
      for (const manoeuvre of half) {
        await goTo(page, manoeuvre)
        await expectInEveryLook(page)
      }
    })
  }

  test('evidence chain, keys and weigh-up', async ({ page }) => {
    await logIn(page)
    await openDemo(page, 'Mirre Aldous')
    await page.locator('[data-condition=acl]').click()
    await expectInEveryLook(page)
    await page.keyboard.press('Escape')
    await page.keyboard.press('?')
    await expect(page.getByRole('dialog', { name: 'Keys' })).toBeVisible()
    await expectInEveryLook(page)
    await page.keyboard.press('Escape')
    await page.keyboard.press('w')
    await expect(page.getByRole('group', { name: 'Path of the probability' })).toBeVisible()
    await expectInEveryLook(page)
  })

  test('summary, signature and emergency', async ({ page }) => {
    await logIn(page)
    await openDemo(page, 'Mirre Aldous')
    await page.getByRole('button', { name: 'Summary' }).click()
    await expect(page.getByRole('heading', { name: 'Both knees' })).toBeVisible()
    await expectInEveryLook(page)
    await page.getByRole('button', { name: 'Sign…' }).click()
    await expectInEveryLook(page)
    await page.keyboard.press('Escape')
    await page.goto(page.url().replace('summary', 'emergency'))
    await expect(page.getByRole('heading', { name: 'Pulse at the foot' })).toBeVisible()
    await expectInEveryLook(page)
  })

  test('arithmetic and audit log', async ({ page }) => {
    await logIn(page)
    await page.goto('/arithmetic')
    await expect(page.getByRole('group', { name: 'Path of the probability' })).toBeVisible()
    await expectInEveryLook(page)
    await page.goto('/audit-log')
    await expect(page.getByRole('columnheader', { name: 'When' })).toBeVisible()
    await expectInEveryLook(page)
  })

  test('one-hand view, and a manoeuvre that is withheld', async ({ page }) => {
    await logIn(page)
    await openDemo(page, 'Edda Sollund')
    await page.getByRole('link', { name: 'One-hand view' }).click()
    await expect(page.getByRole('button', { name: 'Normal, next' })).toBeVisible()
    await expectInEveryLook(page)
    await page.goto('/')
    await openDemo(page, 'Jonah Skelwith')
    await goTo(page, 'Valgus, 30°')
    await expect(page.getByRole('region', { name: 'Withheld' })).toBeVisible()
    await expectInEveryLook(page)
  })
})

for (const [width, height] of [
  [320, 256],
  [390, 800],
  [640, 400],
  [768, 800],
  [1280, 800],
] as const) {
  test(`nothing scrolls sideways at ${width} by ${height} px`, async ({ page }) => {
    await page.setViewportSize({ width, height })
    await logIn(page)
    await expectNoSidewaysScroll(page)
    await openDemo(page, 'Mirre Aldous')
    await expect(page.getByRole('heading', { name: 'History', level: 1 })).toBeVisible()
    await expectNoSidewaysScroll(page)
    await goTo(page, 'Lachman')
    await expectNoSidewaysScroll(page)
    // The work itself never has less than half of the height: magnified, the page scrolls as a whole.
    const middle = await page.getByRole('main').evaluate((main) => main.getBoundingClientRect().height)
    expect(middle).toBeGreaterThanOrEqual(height / 2)
    const bench = page.url().replace(/#.*/, '')
    for (const [path, heading] of [
      ['summary', 'Both knees'],
      ['weigh/acl', 'ACL tear'],
      ['emergency', 'Pulse at the foot'],
    ]) {
      await page.goto(`${bench}/${path}`)
      await expect(page.getByRole('heading', { name: heading })).toBeVisible()
      await expectNoSidewaysScroll(page)
    }
    for (const [path, heading] of [
      ['/account', 'Second factor'],
      ['/team', 'People'],
      ['/board', 'Availability'],
    ]) {
      await page.goto(path!)
      await expect(page.getByRole('heading', { name: heading }).first()).toBeVisible()
      await expectNoSidewaysScroll(page)
    }
    await page.goto('/audit-log')
    await expect(page.getByRole('columnheader', { name: 'When' })).toBeVisible()
    await expectNoSidewaysScroll(page)
    await page.goto('/arithmetic')
    await expect(page.getByRole('group', { name: 'Path of the probability' })).toBeVisible()
    await expectNoSidewaysScroll(page)
  })
}

test('who asks the device for more contrast gets it, and can skip the bar to the search', async ({ page }) => {
  await page.emulateMedia({ contrast: 'more' })
  await logIn(page)
  await expect(page.locator('html')).toHaveAttribute('data-look', 'outdoor')
  await page.reload()
  await expect(page.getByRole('heading', { name: 'Unfinished' })).toBeVisible()
  await page.keyboard.press('Tab')
  await page.keyboard.press('Enter')
  await expect(page.getByPlaceholder('Name, number or squad')).toBeFocused()
  await page.keyboard.press('Tab')
  await page.keyboard.press('/')
  await expect(page.getByPlaceholder('Name, number or squad')).toBeFocused()
})

test('however many pages a list has, their numbers fit a phone', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 800 })
  await logIn(page)
  await page.route(/\/api\/audit-log(\?|$)/, async (route) => {
    const response = await route.fetch()
    await route.fulfill({ response, json: { ...(await response.json()), pages: 40, page: 20 } })
  })
  await page.goto('/audit-log')
  await expect(page.getByRole('navigation', { name: 'Pages of the audit log' })).toContainText('20 of 40')
  await expectNoSidewaysScroll(page)
})
