import { type Page, expect, test } from '@playwright/test'
import { chance, consentAndClearGate, goTo, logIn, saved, startExamination } from './person'

const MANOEUVRES = 68

async function begin(page: Page, athlete: string, side: 'left' | 'right', since?: string): Promise<void> {
  await logIn(page)
  await startExamination(page, athlete, side, since)
}

test('a wholly normal route takes one key for each manoeuvre', async ({ page }) => {
  test.setTimeout(120_000)
  await begin(page, 'Callum Rigg-Mayne', 'right', 'No injury')
  await page.getByRole('button', { name: 'Consent given for hands-on' }).click()
  await goTo(page, 'Distal pulse')
  for (let key = 0; key < MANOEUVRES; key++) await page.keyboard.press('n')
  await expect(page.getByRole('heading', { level: 1, name: 'Back screen' })).toBeVisible()
  await expect(page.locator('.save')).toHaveText('Saved', { timeout: 90_000 })
  await expect(page.getByRole('button', { name: /^Closing 3\/3/ })).toBeVisible()
  await expect(page.getByRole('button', { name: /^Supine, straight 15\/15/ })).toBeVisible()
  await expect(page.getByRole('button', { name: /^Loaded 10\/10/ })).toBeVisible()
  expect(await chance(page, 'acl')).toBeLessThanOrEqual(1)
})

test('both normal keeps what a knee already holds', async ({ page }) => {
  await begin(page, 'Jonah Skelwith', 'left')
  await consentAndClearGate(page)
  await goTo(page, 'Lachman')
  await page.keyboard.press('3')
  await page.keyboard.press('n')
  await saved(page)
  await goTo(page, 'Lachman')
  await expect(page.getByRole('button', { name: /^clearly/ })).toHaveAttribute('aria-pressed', 'true')
  await expect(page.getByRole('region', { name: 'R · other knee' })).toContainText('normal')
})

test('keys move, help opens with ? and stay silent in text fields', async ({ page }) => {
  await begin(page, 'Oskar Penhale', 'left')
  await page.keyboard.press('?')
  await expect(page.getByRole('dialog', { name: 'Keys' })).toBeVisible()
  await page.keyboard.press('n')
  await page.keyboard.press('Escape')
  await expect(page.getByRole('heading', { level: 1, name: 'Story' })).toBeVisible()
  await page.keyboard.press('ArrowDown')
  await expect(page.getByRole('heading', { level: 1, name: 'Safety gate' })).toBeVisible()
  await page.keyboard.press('PageDown')
  await expect(page.getByRole('heading', { level: 1, name: 'Distal pulse' })).toBeVisible()
  await page.keyboard.press('PageDown')
  await expect(page.getByRole('heading', { level: 1, name: 'Alignment' })).toBeVisible()
  await page.keyboard.press('PageUp')
  await page.keyboard.press('/')
  await page.getByLabel('Name of the manoeuvre').pressSequentially('snap')
  await expect(page.getByText('No manoeuvre is called that.')).toBeVisible()
  await page.keyboard.press('Escape')
  await expect(page.getByRole('heading', { level: 1, name: 'Distal pulse' })).toBeVisible()
})

test('not done is an honest gap in the summary and is not offered again', async ({ page }) => {
  await begin(page, 'Ines Carrowmore', 'left')
  await consentAndClearGate(page)
  await goTo(page, 'Lachman')
  await page.getByRole('group', { name: 'Not done, because of' }).getByRole('button', { name: 'declined' }).click()
  await saved(page)
  await expect(page.getByRole('region', { name: 'Worth doing next' })).not.toContainText('Lachman')
  await page.getByRole('button', { name: 'Summary' }).click()
  await expect(page.getByText('Lachman: declined')).toBeVisible()
  await page.getByRole('link', { name: 'Back to the bench' }).click()
  await goTo(page, 'Lachman')
  await expect(page.getByRole('region', { name: 'L · hurt knee' })).toContainText('not done: declined')
})

test('hands stay off until consent, and stress tests wait for the gate', async ({ page }) => {
  await begin(page, 'Bram Okafor-Lund', 'right')
  await goTo(page, 'Valgus, 30°')
  await expect(page.getByText('Consent first.')).toBeVisible()
  await goTo(page, 'Posterior sag')
  await expect(page.getByRole('region', { name: 'R · hurt knee' })).toBeVisible()
  await page.getByRole('button', { name: /^Story/ }).click()
  await page.getByRole('button', { name: 'Consent given for hands-on' }).click()
  await goTo(page, 'Valgus, 30°')
  await expect(page.getByText('The safety gate is not answered yet.')).toBeVisible()
  await page.getByRole('button', { name: /^Safety gate/ }).click()
  await page.getByRole('button', { name: 'None of these' }).first().click()
  await goTo(page, 'Valgus, 30°')
  await expect(page.getByRole('region', { name: 'R · hurt knee' })).toBeVisible()
})

test.describe('by touch on a phone', () => {
  test.use({ viewport: { width: 390, height: 800 }, hasTouch: true })

  test('one knee at a time, with the leading chances in view', async ({ page }) => {
    await begin(page, 'Wynn Tarbuck', 'left')
    await page.getByRole('button', { name: 'Consent given for hands-on' }).tap()
    await page.getByRole('button', { name: 'Route', exact: true }).tap()
    await page.getByRole('button', { name: /^Safety gate/ }).tap()
    await page.getByRole('button', { name: 'None of these' }).first().tap()
    await page.getByRole('button', { name: 'Route', exact: true }).tap()
    await page.getByRole('button', { name: /^Supine, 20–30°/ }).tap()
    await expect(page.getByRole('heading', { level: 1, name: 'Lachman' })).toBeVisible()
    await expect(page.getByRole('region', { name: 'R · other knee' })).toBeVisible()
    await expect(page.getByRole('region', { name: 'L · hurt knee' })).toBeHidden()
    await page.getByRole('button', { name: 'L hurt' }).tap()
    await page.getByRole('button', { name: /^clearly/ }).tap()
    await expect(page.getByRole('complementary', { name: 'What it means' })).toContainText('Counts as positive.')
    await expect(page.getByRole('list', { name: 'Route and leading chances' })).toContainText('ACL tear')
    await page.getByRole('button', { name: 'Chances' }).tap()
    await expect(page.locator('[data-condition=acl]')).toBeVisible()
  })

  test('every control is large enough for a finger', async ({ page }) => {
    await begin(page, 'Lior Haverstock', 'left')
    await page.getByRole('button', { name: 'Consent given for hands-on' }).tap()
    const small = await page.locator('main button:visible').evaluateAll((buttons) => buttons
      .map((button) => ({ name: button.textContent?.trim(), height: button.getBoundingClientRect().height }))
      .filter(({ height }) => height < 43.5))
    expect(small).toEqual([])
  })
})

test('the chain of evidence answers the tempting mistake with this knee’s numbers', async ({ page }) => {
  await logIn(page)
  await page.getByRole('link', { name: /Mirre Aldous/ }).click()
  await goTo(page, 'Lachman')
  await page.keyboard.press('w')
  const chain = page.getByRole('dialog', { name: 'ACL tear' })
  await expect(chain).toContainText('94 % specific, so 94 % sure')
  await expect(chain).toContainText('makes it 78 in 100')
  await expect(chain).toContainText('not yet checked against the paper')
  await expect(chain).toContainText('A chance, not a diagnosis.')
  await page.keyboard.press('Escape')
  await expect(chain).toBeHidden()
})
