import { expect, test } from './reading'
import { assessment, consent, consentAndClearGate, goTo, logIn, saved, startExamination, select } from './person'

test('a pulse that is missing under the hand closes the gate as its tick would', async ({ page }) => {
  await logIn(page)
  await startExamination(page, 'Tove Brandreth', 'left', 'Today')
  await consentAndClearGate(page)
  await goTo(page, 'Distal pulse')
  await page.getByRole('region', { name: 'L · hurt knee' }).getByRole('radio', { name: 'abnormal' }).click()
  await expect(page.getByText('The limb may be in danger')).toBeVisible()
  await goTo(page, 'Lachman')
  await expect(page.getByRole('region', { name: 'Withheld' })).toContainText('The limb may be in danger')
  await goTo(page, 'Sensation')
  await expect(page.getByRole('region', { name: 'Withheld' })).toBeHidden()
  await page.getByRole('button', { name: 'Summary' }).click()
  await expect(page.getByRole('region', { name: 'Withheld' })).toContainText('Lachman')
})

test('each kind of hold stands in its place: consent without a way round, the gate with one', async ({ page }) => {
  await logIn(page)
  await startExamination(page, 'Oskar Penhale', 'right')
  await goTo(page, 'Thessaly')
  const held = page.getByRole('region', { name: 'Withheld' })
  await expect(held).toContainText('The safety check is not complete yet.')
  await goTo(page, 'Effusion sweep')
  await expect(held).toContainText('Consent first.')
  await expect(held.getByLabel(/give the reason/)).toBeHidden()
  await goTo(page, 'Inspection')
  await expect(held).toBeHidden()
})

test('a key pressed before the answer waits, and is sent once the gate is known to be open', async ({
  page,
  context,
}) => {
  await logIn(page)
  await startExamination(page, 'Edda Sollund', 'left')
  await consent(page)
  await saved(page)
  let answer = (): void => undefined
  const late = new Promise<void>((resolve) => (answer = resolve))
  await context.route('**/sections/safety', async (route) => {
    await late
    await route.continue()
  })
  await page.getByRole('button', { name: /^Safety check/ }).click()
  await page.getByRole('button', { name: 'None of these' }).first().click()
  await goTo(page, 'Lachman')
  await page.keyboard.press('3')
  const hurt = page.getByRole('region', { name: 'L · hurt knee' })
  await expect(hurt).toContainText('waiting')
  await expect(page.getByRole('region', { name: 'Withheld' })).toContainText('Not judged yet.')
  answer()
  await saved(page)
  await expect(page.getByRole('region', { name: 'Withheld' })).toBeHidden()
  await expect(page.getByRole('complementary', { name: 'What it means' })).toContainText('Valid, positive.')
})

test('what is pressed with the server gone is told when a hold stands against it, and sent when that is lifted', async ({
  page,
  context,
}) => {
  await logIn(page)
  await startExamination(page, 'Wynn Tarbuck', 'right')
  await consent(page)
  await saved(page)
  await context.route('**/api/examinations/**', (route) => route.abort('connectionrefused'))
  await page
    .getByRole('radiogroup', { name: 'Did you hear or feel a pop?' })
    .getByRole('radio', { name: 'yes' })
    .click()
  await expect(page.getByRole('status', { name: 'Save status' })).toHaveText('Kept on this device, to be sent')
  await goTo(page, 'Lachman')
  await page.keyboard.press('3')
  await expect(page.getByRole('region', { name: 'R · hurt knee' })).toContainText('waiting')
  await context.unroute('**/api/examinations/**')
  const told = page.getByRole('alert', { name: 'Not saved: Lachman, right knee' })
  await expect(told).toContainText('waits until the safety check is complete', { timeout: 15_000 })
  await page.getByRole('button', { name: /^Safety check/ }).click()
  await page.getByRole('button', { name: 'None of these' }).first().click()
  await expect(told).toBeHidden()
  await saved(page)
  expect((await assessment(page)).results.find((result) => result.finding === 'lachman')?.outcome).toBe('positive')
})

test('an entry on which the server fails three times is set aside, and the others go on', async ({ page, context }) => {
  await logIn(page)
  await startExamination(page, 'Callum Rigg-Mayne', 'left')
  await consentAndClearGate(page)
  await saved(page)
  await context.route('**/records/posterior_sag/**', (route) => route.fulfill({ status: 500, json: {} }))
  await goTo(page, 'Posterior sag')
  await page.getByRole('region', { name: 'L · hurt knee' }).getByRole('radio', { name: 'yes' }).click()
  await goTo(page, 'Lachman')
  await page.keyboard.press('3')
  await expect(page.getByRole('alert', { name: 'Not saved: Posterior sag, left knee' })).toContainText(
    'failed on it three times',
    { timeout: 30_000 },
  )
  await expect(page.getByRole('complementary', { name: 'What it means' })).toContainText('Grade')
  await context.unroute('**/records/posterior_sag/**')
  await page
    .getByRole('alert', { name: 'Not saved: Posterior sag, left knee' })
    .getByRole('button', { name: 'Try again' })
    .click()
  await saved(page)
})

test('a school chosen for the examination judges it, and what others found is kept beside it', async ({ page }) => {
  await logIn(page)
  await startExamination(page, 'Ines Carrowmore', 'left')
  await select(page, 'Drawers count from', 'gross shift only')
  await page.getByLabel('What was found or reported').fill('Lachman positive')
  await page.getByLabel('By whom').fill('club doctor')
  await page.getByRole('button', { name: 'Add', exact: true }).click()
  await consentAndClearGate(page)
  await goTo(page, 'Lachman')
  for (const [knee, mm] of [
    ['R · other knee', '3'],
    ['L · hurt knee', '10'],
  ] as const) {
    await page
      .getByRole('region', { name: knee })
      .getByRole('slider', { name: /Translation/ })
      .focus()
    await page.keyboard.type(mm)
    await page.keyboard.press('Enter')
  }
  await expect(page.getByRole('complementary', { name: 'What it means' })).toContainText('Equivocal')
  await saved(page)
  expect((await assessment(page)).measurements[0]?.school).toBe('gross_shift')
  await page.getByRole('button', { name: 'Summary' }).click()
  await expect(page.getByText('Drawers count from gross shift only')).toBeVisible()
  await expect(page.getByRole('region', { name: 'Findings by others, not weighed' })).toContainText('club doctor')
})
