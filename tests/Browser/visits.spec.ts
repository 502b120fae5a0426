import { expect, test } from './reading'
import { assessment, consentAndClearGate, goTo, logIn, saved, select } from './person'

/** A knee that was examined and scanned before: what stands, what is told of it, and what a new result changes. */
test('a second visit stands on the first, and an MRI entered on the bench changes what is asked', async ({ page }) => {
  await logIn(page)
  await page.getByRole('button', { name: 'Examine Freya Undercliff' }).click()
  await page
    .getByRole('dialog')
    .getByRole('button', { name: /^Right knee/ })
    .click()
  await expect(page.getByRole('heading', { name: 'History', level: 1 })).toBeVisible()
  await expect(page.getByText(/^From the visit on .*Change what has changed\.$/)).toBeVisible()
  await consentAndClearGate(page)

  await goTo(page, 'Lachman')
  await expect(page.getByRole('complementary', { name: 'What it means' })).toContainText('Not examined today. From')
  const acl = async () => (await assessment(page)).conditions.find(({ id }) => id === 'acl')!
  expect((await acl()).zone).toBe('act')
  expect((await assessment(page)).plan.sendOn.map(({ rule }) => rule)).toContain('cruciate_loose')

  await page.getByRole('button', { name: /^History/ }).click()
  await page.getByRole('region', { name: 'Scans and operations' }).getByRole('button', { name: 'Enter result' }).click()
  const dialog = page.getByRole('dialog')
  await dialog.getByRole('button', { name: /^ACL tear/ }).click()
  await expect(dialog).toBeHidden()
  await expect(page.getByRole('region', { name: 'Scans and operations' })).toContainText('MRI')
  await expect
    .poll(async () => (await assessment(page)).plan.sendOn.map(({ rule }) => rule))
    .toEqual(expect.arrayContaining(['known_tear']))
  expect((await assessment(page)).plan.sendOn.some(({ to }) => to.includes('MRI'))).toBe(false)

  await page.getByRole('region', { name: 'Scans and operations' }).getByRole('button', { name: 'Enter result' }).click()
  await dialog.getByRole('radio', { name: 'Operation' }).click()
  await select(page, 'Treatment of what was found', 'Reconstructed')
  await dialog.getByRole('button', { name: /^ACL tear/ }).click()
  await expect.poll(async () => (await acl()).zone).toBe('withheld')
  await saved(page)
  await page.getByRole('button', { name: 'Summary' }).click()
  await expect(page.getByRole('region', { name: 'Note for the letter' })).toContainText('(reconstructed)')
})
