import { execFileSync } from 'node:child_process'
import { type Page, expect, test } from './reading'
import { expectAccessible, logIn } from './person'

/** Tells the stand-in of the hospital what to do, and hands back what it has. */
function hospital(...words: string[]): { requests: { id: string; puts: number }[] } {
  return JSON.parse(execFileSync('bin/hospital', words, { encoding: 'utf8' })) as ReturnType<typeof hospital>
}

test.afterEach(() => hospital('day=well', 'slow=0', 'after=30', 'found=acl:present'))

async function toHospital(page: Page, athlete: string) {
  await logIn(page)
  await page.getByRole('link', { name: athlete, exact: true }).click()
  const section = page.getByRole('region', { name: 'Hospital' })
  await expect(section).toBeVisible()
  return section
}

test('a referral goes to the hospital once, and its answer becomes a result', async ({ page }) => {
  hospital('day=well', 'after=0', 'found=acl:absent,mcl:present')
  const before = hospital('list').requests.length
  const section = await toHospital(page, 'Kaia Linnell')
  await section.getByRole('button', { name: 'Send to hospital' }).click()
  await expect(section.getByRole('status')).toContainText('Sent')
  await section.getByRole('button', { name: 'Check for answer' }).click()
  await expect(section.getByRole('status')).toContainText(/The result is here · Appointment/)
  await expect(section).toContainText(/MRI, .*: ACL tear not found, MCL sprain found\./)
  await expectAccessible(page)
  await section.getByRole('button', { name: 'Add result' }).click()
  await expect(section.getByRole('status')).toContainText('Result added')
  await expect(page.getByText('MRI: no ACL tear, MCL sprain')).toBeVisible()
  await page.getByText(/^Closed: /).click()
  await expect(page.getByText('MRI came')).toBeVisible()
  const { requests } = hospital('list')
  expect(requests).toHaveLength(before + 1)
  expect(requests.at(-1)?.puts).toBe(1)
})

test('nothing is lost or sent twice while the hospital is down, answers nonsense, or is of another person', async ({
  page,
}) => {
  hospital('day=down', 'after=0')
  const before = hospital('list').requests.length
  const section = await toHospital(page, 'Pia Valtersen')
  await section.getByRole('button', { name: 'Send to hospital' }).click()
  await expect(section.getByRole('status')).toContainText(/Waiting to be sent · the hospital answered with status 503/)
  await expect(section.getByRole('status')).toContainText('next attempt')

  hospital('day=nonsense')
  await section.getByRole('button', { name: 'Send again' }).click()
  await expect(section.getByRole('status')).toContainText(/Waiting to be sent · the hospital answered with status 500/)

  hospital('day=other')
  await section.getByRole('button', { name: 'Send again' }).click()
  await section.getByRole('button', { name: 'Check for answer' }).click()
  await expect(section.getByRole('status')).toContainText(/Sent .* the report is of another person/)
  await expect(section.getByRole('button', { name: 'Add result' })).toHaveCount(0)

  // It had the referral already when it answered nonsense, and knows it by its id.
  const { requests } = hospital('list')
  expect(requests).toHaveLength(before + 1)
  expect(requests.at(-1)?.puts).toBe(2)
  hospital('day=declines')
  await section.getByRole('button', { name: 'Check for answer' }).click()
  await expect(section.getByRole('status')).toContainText('The hospital declined')
})
