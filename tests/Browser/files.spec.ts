import { expect, test } from './reading'
import { expectAccessible, expectNoSidewaysScroll, logIn } from './person'

/** Reports and pictures beside what a knee turned out to have. */
const REPORT = Buffer.from(`%PDF-1.4\n${'of the scan '.repeat(200_000)}`)

test('a report is put beside a result, comes back as it was, and is removed and taken back', async ({ page }) => {
  await logIn(page)
  await page.getByRole('link', { name: 'Iver Cairnduff', exact: true }).click()
  await page.getByRole('button', { name: 'Add a file: Arthroscopy' }).click()
  const chosen = page.getByRole('dialog').locator('input[type=file]')
  await chosen.setInputFiles({ name: 'scan.pdf', mimeType: 'application/pdf', buffer: Buffer.from('<html>') })
  await expect(page.getByText('by what is in it and not by its name')).toBeVisible()
  await chosen.setInputFiles({ name: 'Report of the scan.pdf', mimeType: 'application/pdf', buffer: REPORT })
  const link = page.getByRole('link', { name: 'Report of the scan.pdf' })
  await expect(link).toBeVisible()
  await expectAccessible(page)
  const back = await page.request.get((await link.getAttribute('href'))!)
  expect((await back.body()).equals(REPORT)).toBe(true)
  await page.getByRole('button', { name: 'Remove: Report of the scan.pdf' }).click()
  await page.getByRole('button', { name: 'Restore: Report of the scan.pdf' }).click()
  await expect(link).toBeVisible()
  await page.setViewportSize({ width: 390, height: 844 })
  await expectNoSidewaysScroll(page)
})
