import { expect, test } from './reading'
import {
  consentAndClearGate,
  expectAccessible,
  expectNoSidewaysScroll,
  goTo,
  logIn,
  saved,
  startExamination,
} from './person'

/** Both knees before the season, and the same knee hurt later. */
test('a baseline is taken in its own route, weighs nothing, and stands faintly on the bench when a knee is hurt', async ({
  page,
}) => {
  await logIn(page)
  await page.getByRole('button', { name: 'Without a baseline' }).click()
  const without = page.getByText('have no signed baseline of the last two years')
  const before = parseInt((await without.textContent()) ?? '', 10)
  await page.getByRole('button', { name: 'Examine Una Blackstone' }).click()
  await expect(page.getByRole('button', { name: 'left knee hurt' })).toHaveCount(0)
  await page.getByRole('button', { name: 'Start the baseline' }).click()
  await expect(page.getByRole('heading', { name: 'Not weighed', exact: true })).toBeVisible()
  await expect(page.getByRole('heading', { name: 'How did it happen?' })).toHaveCount(0)
  await expect(page.getByRole('heading', { name: 'About these knees' })).toBeVisible()
  await expect(page.getByRole('button', { name: 'Correct side or day' })).toHaveCount(0)
  await expect(page.getByLabel('What happened', { exact: true })).toHaveCount(0)
  await expect(page.getByRole('heading', { name: 'Judged by' })).toHaveCount(0)
  await consentAndClearGate(page)
  await goTo(page, 'Lachman')
  await expect(page.getByText('Moves more')).toHaveCount(0)
  await goTo(page, 'Flexion range')
  const right = page.getByRole('region', { name: 'R · right knee' })
  await right.getByRole('slider').first().focus()
  await page.keyboard.type('139')
  await page.keyboard.press('Enter')
  await saved(page)
  await expectAccessible(page)
  await page.getByRole('button', { name: 'Summary' }).click()
  await expect(page.getByRole('heading', { name: 'Una Blackstone, baseline' })).toBeVisible()
  await expect(page.getByText('You may do your sport.')).toBeVisible()
  const missing = page.getByRole('region', { name: 'Missing from this baseline' })
  await expect(missing).toContainText('Lachman has no figure in mm for either knee')
  await expect(page.getByText(/(in|out of) 100/)).toHaveCount(0)
  await page.setViewportSize({ width: 390, height: 844 })
  await expectNoSidewaysScroll(page)
  await page.setViewportSize({ width: 1280, height: 800 })
  await page.getByRole('button', { name: 'Sign…' }).click()
  await expect(page.getByRole('dialog')).toContainText('nothing to compare the MCL with later')
  await page.getByRole('dialog').getByRole('button', { name: 'Sign examination' }).click()
  await expect(page.getByText(/signed by Ada Thornquist/)).toBeVisible()

  await page.goto('/')
  await page.getByRole('button', { name: 'Without a baseline' }).click()
  await expect(without).toContainText(`${before - 1} athletes have`)
  await expect(page.getByRole('button', { name: 'Examine Una Blackstone' })).toHaveCount(0)
  await page.getByRole('button', { name: 'Without a baseline' }).click()
  await startExamination(page, 'Una Blackstone', 'right')
  await consentAndClearGate(page)
  await goTo(page, 'Flexion range')
  await expect(page.getByRole('region', { name: 'R · hurt knee' })).toContainText(/At baseline, .*: 139/)
})

test('both knees hurt: each has its examination, and the screen switches between them', async ({ page }) => {
  await logIn(page)
  await startExamination(page, 'Iver Cairnduff', 'left')
  await page.getByRole('checkbox', { name: /^Consent given/ }).click()
  await page.getByRole('checkbox', { name: /^Other knee was hurt too/ }).click()
  await saved(page)
  await page.getByRole('button', { name: 'Examine the right knee too' }).click()
  await expect(page.getByText('right knee hurt, day 4')).toBeVisible()
  await expect(page.getByRole('checkbox', { name: /^Consent given/ })).toBeChecked()
  await expect(page.getByText('safety check incomplete')).toBeVisible()
  await page.getByRole('link', { name: 'Left knee' }).click()
  await expect(page.getByText('left knee hurt, day 4')).toBeVisible()
  await expect(page.getByRole('button', { name: 'Examine the right knee too' })).toHaveCount(0)
  await page.getByRole('link', { name: 'Right knee' }).click()
  await page.getByRole('button', { name: 'Summary' }).click()
  await expect(page.getByRole('link', { name: 'Left knee' })).toBeVisible()
})
