import { type Page, expect, test } from './reading'
import { assessment, consentAndClearGate, goTo, logIn, saved, startExamination } from './person'

async function atLachman(page: Page, athlete: string) {
  await logIn(page)
  await startExamination(page, athlete, 'left')
  await consentAndClearGate(page)
  await goTo(page, 'Lachman')
  const hurt = page.getByRole('region', { name: 'L · hurt knee' })
  return { hurt, rule: hurt.getByRole('slider', { name: /Translation/ }) }
}

const focused = (page: Page): Promise<string> => page.evaluate(() => document.activeElement?.tagName ?? '')

test('a figure is taken as it was typed, and one out of range is refused, never moved', async ({ page }) => {
  const { hurt, rule } = await atLachman(page, 'Jonah Skelwith')
  await rule.focus()
  await page.keyboard.type('4,5')
  await page.keyboard.press('Enter')
  await expect(rule).toHaveAttribute('aria-valuenow', '4.5')
  await saved(page)
  expect((await assessment(page)).measurements.find((one) => one.manoeuvre === 'lachman')?.hurt).toBe(4.5)

  for (const [typed, why] of [
    ['.', 'Not a number.'],
    ['-5', 'Enter a number from 0 to 40 mm.'],
    ['999', 'Enter a number from 0 to 40 mm.'],
  ] as const) {
    await page.keyboard.type(typed)
    await page.keyboard.press('Enter')
    await expect(hurt.getByText(why)).toBeVisible()
    await page.keyboard.press('n')
    await expect(page.getByRole('heading', { level: 1, name: 'Lachman' })).toBeVisible()
    await page.keyboard.press('Escape')
    await expect(rule).toHaveAttribute('aria-valuenow', '4.5')
  }

  await page.keyboard.type('8')
  await page.keyboard.press('F9')
  await expect(page.getByRole('heading', { level: 1, name: 'Valgus, 30°' })).toBeVisible()
  await goTo(page, 'Lachman')
  await expect(rule).toHaveAttribute('aria-valuenow', '8')
})

test('a key that means “both normal” stores nothing over a figure that stands there', async ({ page }) => {
  const { rule } = await atLachman(page, 'Ines Carrowmore')
  await rule.focus()
  await page.keyboard.type('8')
  await page.keyboard.press('n')
  await goTo(page, 'Lachman')
  await expect(rule).toHaveAttribute('aria-valuenow', '8')
  await expect(page.getByRole('region', { name: 'R · other knee' })).toContainText('normal')
})

test('a rule moves by its own keys, and lets go with Escape', async ({ page }) => {
  const { rule } = await atLachman(page, 'Oskar Penhale')
  await rule.focus()
  for (const [key, value] of [
    ['PageUp', '5'],
    ['ArrowUp', '6'],
    ['ArrowDown', '5'],
    ['PageDown', '0'],
  ] as const) {
    await page.keyboard.press(key)
    await expect(rule).toHaveAttribute('aria-valuenow', value)
  }
  await page.keyboard.press('Escape')
  await expect(rule).not.toBeFocused()
  await expect(page.getByRole('heading', { level: 1, name: 'Lachman' })).toBeVisible()
})

test('the next step comes by its key wherever the focus is, and no answer flips', async ({ page }) => {
  await logIn(page)
  await startExamination(page, 'Wynn Tarbuck', 'left')
  const pop = page.getByRole('radiogroup', { name: 'Did you hear or feel a pop?' })
  await pop.getByRole('radio', { name: 'yes' }).click()
  await saved(page)
  await page.keyboard.press('ArrowDown')
  await page.keyboard.press('ArrowRight')
  await expect(pop.getByRole('radio', { name: 'yes' })).toBeChecked()
  await page.keyboard.press('F9')
  await expect(page.getByRole('heading', { level: 1, name: 'Safety check' })).toBeVisible()
  expect(await focused(page)).toBe('H1')
  await page.keyboard.press('F8')
  await expect(page.getByRole('heading', { level: 1, name: 'History' })).toBeVisible()
  await expect(pop.getByRole('radio', { name: 'yes' })).toBeChecked()
  await page.keyboard.press('/')
  await expect(page.getByRole('dialog')).toBeVisible()
  await page.keyboard.press('Escape')
  await expect(page.getByRole('dialog')).toBeHidden()
})

test('the fields beside the history refuse what cannot be, and keep it in sight', async ({ page }) => {
  await logIn(page)
  await startExamination(page, 'Lior Haverstock', 'left')
  const weeks = page.getByLabel('Injection into the knee, weeks ago')
  await weeks.fill('99')
  await weeks.blur()
  await expect(page.getByText('Enter a whole number from 0 to 52 weeks.')).toBeVisible()
  await expect(weeks).toHaveValue('99')
  await page.keyboard.press('F9')
  await expect(page.getByText('Correct or clear the figure first (Injection into the knee, weeks ago).')).toBeVisible()
  await expect(weeks).toHaveValue('99')
  await weeks.fill('6')
  await page.keyboard.press('F9')
  await expect(page.getByRole('heading', { level: 1, name: 'Safety check' })).toBeVisible()
  await saved(page)
  await page.reload()
  await page.getByRole('button', { name: /^History/ }).click()
  await expect(weeks).toHaveValue('6')
})

test.describe('with a finger', () => {
  test.use({ viewport: { width: 820, height: 1180 }, hasTouch: true })

  test('a girth is tapped in digits', async ({ page }) => {
    await logIn(page)
    await startExamination(page, 'Sana Withernsea', 'left')
    await goTo(page, 'Inspection')
    const hurt = page.getByRole('region', { name: 'L · hurt knee' })
    await hurt.getByRole('button', { name: /^Type the figure, Girth/ }).tap()
    const pad = hurt.getByRole('group', { name: /^Digits/ })
    for (const digit of ['4', '2', 'decimal point', '5'])
      await pad.getByRole('button', { name: digit, exact: true }).tap()
    await pad.getByRole('button', { name: 'Enter the figure' }).tap()
    await expect(hurt.getByRole('slider', { name: /Girth/ })).toHaveAttribute('aria-valuenow', '42.5')
  })
})
