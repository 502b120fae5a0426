import { expect, test } from './reading'
import { expectAccessible, expectNoSidewaysScroll, logIn } from './person'

// What a team sets, on a tablet and by finger: a season stands beside its squad for everybody, and one that ends before it
// begins is refused with its reason while what was typed stays.
test('a season of a squad is set by finger, and told on the board', async ({ browser }) => {
  const page = await (await browser.newContext({ viewport: { width: 820, height: 1180 }, hasTouch: true })).newPage()
  await logIn(page)
  await page.goto('/team')
  await page.getByRole('button', { name: 'Seasons of the squads' }).tap()
  const judo = page.getByRole('group', { name: 'Judo' })
  await judo.getByLabel('From').fill('2026-10-01')
  await judo.getByLabel('Until').fill('2026-09-01')
  await page.getByRole('button', { name: 'Save settings' }).tap()
  await expect(page.getByText(/last day of a season/)).toBeVisible()
  await expect(judo.getByLabel('Until')).toHaveValue('2026-09-01')
  await judo.getByLabel('Until').fill('2096-06-30')
  await expectNoSidewaysScroll(page)
  await expectAccessible(page)
  await page.getByRole('button', { name: 'Save settings' }).tap()
  await expect(page.getByText('The team settings are saved.')).toBeVisible()
  await page.getByRole('link', { name: 'Availability', exact: true }).tap()
  await expect(page.getByRole('heading', { name: /^Judo\s*season until 30 June 2096$/ })).toBeVisible()
  await expectNoSidewaysScroll(page)
})
