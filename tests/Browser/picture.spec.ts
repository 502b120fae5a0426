import { type Page, expect, test } from './reading'
import {
  assessment,
  chance,
  consentAndClearGate,
  goTo,
  logIn,
  openDemo,
  saved,
  select,
  startExamination,
} from './person'

/** Where the middle of a structure stands, from the left edge of the picture, as a share of its width. */
async function acrossPicture(page: Page, condition: string): Promise<number> {
  const whole = (await page.getByRole('group', { name: /^Plateau of/ }).boundingBox())!
  const shape = (await page.locator(`[data-condition=${condition}] .shape`).boundingBox())!
  return (shape.x + shape.width / 2 - whole.x) / whole.width
}

test('the plateau is mirrored for the other side, its table says the same, and zones differ in form', async ({
  page,
}) => {
  await logIn(page)
  await openDemo(page, 'Mirre Aldous')
  await expect(page.getByRole('group', { name: 'Plateau of the left knee from above, chances in 100' })).toBeVisible()
  expect(await acrossPicture(page, 'mcl')).toBeGreaterThan(0.8)
  expect(await acrossPicture(page, 'lcl')).toBeLessThan(0.2)
  const twin = page.getByRole('table', { name: 'Chances in 100 for the left knee' })
  await expect(twin.getByRole('row')).toHaveCount(10)
  const row = twin.getByRole('row', { name: /^ACL tear/ })
  await expect(row).toContainText(String(await chance(page, 'acl')))
  await expect(row).toContainText(' to >99')
  await expect(row).toContainText('act')
  await expect(twin.getByRole('row', { name: /^patellofemoral pain/ })).toContainText('not tested')
  const fill = (condition: string) =>
    page.locator(`[data-condition=${condition}] .shape`).evaluate((shape) => getComputedStyle(shape).fill)
  expect(await fill('mcl')).toContain('hatch')
  expect(await fill('acl')).not.toContain('url')
  expect(await fill('pcl')).not.toBe(await fill('acl'))

  await page.getByRole('link', { name: 'Back to Today' }).click()
  await page
    .getByRole('link', { name: /^R Jonah Skelwith|Jonah Skelwith.*right knee/ })
    .last()
    .click()
  await expect(page.getByRole('group', { name: 'Plateau of the right knee from above, chances in 100' })).toBeVisible()
  expect(await acrossPicture(page, 'mcl')).toBeLessThan(0.2)
  expect(await acrossPicture(page, 'lcl')).toBeGreaterThan(0.8)
})

test('a structure opens its chain by keyboard, and from there its weigh-up', async ({ page }) => {
  await logIn(page)
  await openDemo(page, 'Mirre Aldous')
  await page.locator('[data-condition=pcl]').focus()
  await page.keyboard.press('Enter')
  const chain = page.getByRole('dialog', { name: 'PCL tear' })
  await expect(chain).toContainText('Posterior sag negative')
  await chain.getByRole('button', { name: 'Weigh-up, and what if' }).click()
  await expect(page.getByRole('heading', { level: 1, name: 'PCL tear' })).toBeVisible()
})

test('the history moves the chances from its first answer, and the days since choose the setting', async ({ page }) => {
  await logIn(page)
  await startExamination(page, 'Petra Vaughn-Idle', 'left')
  const strip = page.getByRole('complementary', { name: 'Chance before and after the history' })
  await expect(strip).toContainText('No question is answered yet')
  await page
    .getByRole('radiogroup', { name: 'Did you hear or feel a pop?' })
    .getByRole('radio', { name: 'yes' })
    .click()
  await expect(strip).toContainText('20 → ')
  await expect(strip.getByText('ACL')).toBeVisible()
  await page.getByRole('radiogroup', { name: 'Did it come on bit by bit?' }).getByRole('radio', { name: 'yes' }).click()
  await select(page, 'Setting', 'Came on without an injury')
  await saved(page)
  expect((await assessment(page)).setting).toBe('acute_trauma')
  await page.getByLabel(/^Reason for a setting other/).fill('the twist was a week before the pain')
  await page.keyboard.press('Tab')
  await saved(page)
  expect((await assessment(page)).setting).toBe('gradual')
  await page.getByRole('radio', { name: 'ACL tear', exact: true }).click()
  await page.getByLabel('What happened', { exact: true }).fill('Landed from a jump shot')
  await page.keyboard.press('Tab')
  await page
    .getByRole('radiogroup', { name: 'Pain now, 0 to 10' })
    .getByRole('radio', { name: 'Pain now 3 of 10' })
    .click()
  await saved(page)
  await page.reload()
  await expect(page.getByRole('radio', { name: 'ACL tear', exact: true })).toBeChecked()
  await expect(page.getByLabel('What happened', { exact: true })).toHaveValue('Landed from a jump shot')
  await expect(page.getByRole('checkbox', { name: 'Guardian agrees' })).toBeHidden()
})

test('a minor is asked for the guardian, and a slipped kneecap for the first time', async ({ page }) => {
  await logIn(page)
  await startExamination(page, 'Sana Withernsea', 'right')
  await expect(page.getByRole('checkbox', { name: 'Guardian agrees' })).toBeVisible()
  const first = page.getByRole('radiogroup', { name: 'Was that the first time it came out?' })
  await expect(first).toBeHidden()
  await page
    .getByRole('radiogroup', { name: 'Did the kneecap slip out or shift?' })
    .getByRole('radio', { name: 'yes' })
    .click()
  await expect(first).toBeVisible()
})

test('a knee is looked at again with what was left open first', async ({ page }) => {
  await logIn(page)
  await startExamination(page, 'Tove Brandreth', 'left', 'Within a fortnight')
  await consentAndClearGate(page)
  await goTo(page, 'Lachman')
  await page.getByRole('group', { name: 'Reason it was not done' }).getByRole('button', { name: 'time' }).click()
  await saved(page)
  await page.getByRole('link', { name: 'Back to Today' }).click()
  await page.getByRole('button', { name: 'Examine Tove Brandreth' }).click()
  await page.getByRole('group', { name: 'Re-examine' }).getByRole('button').first().click()
  await expect(page.getByRole('heading', { level: 1, name: 'History' })).toBeVisible()
  const rail = page.getByRole('navigation', { name: 'Route of the examination' })
  await expect(rail.getByText('Re-examine', { exact: true })).toBeVisible()
  await expect(rail.getByRole('button', { name: /^Supine, 20–30° 0\/1/ })).toBeVisible()
  await goTo(page, 'Lachman')
  await expect(page.getByRole('heading', { level: 1, name: 'Lachman' })).toBeVisible()
})

test('a result that closes the gate leaves its own finding in reach, and any other can be taken back', async ({
  page,
}) => {
  await logIn(page)
  await startExamination(page, 'Bram Okafor-Lund', 'right')
  await consentAndClearGate(page)
  await goTo(page, 'Lachman')
  await page.keyboard.press('4')
  await goTo(page, 'Varus, 30°')
  await page.keyboard.press('4')
  await expect(page.getByText('More than one main ligament gives')).toBeVisible()
  await expect(page.getByRole('radio', { name: /^grossly/ })).toBeChecked()
  await goTo(page, 'Pivot shift')
  await expect(page.getByRole('region', { name: 'Withheld' })).toContainText('More than one main ligament gives')
  await goTo(page, 'Varus, 30°')
  await page.keyboard.press('1')
  await expect(page.getByText('More than one main ligament gives')).toBeHidden()
  await page.keyboard.press('4')
  await expect(page.getByText('More than one main ligament gives')).toBeVisible()
  await goTo(page, 'Lachman')
  await page.getByRole('button', { name: 'Delete the recorded finding' }).click()
  await expect(page.getByText('More than one main ligament gives')).toBeHidden()
})
