import { execFileSync } from 'node:child_process'
import { type Page, expect, test } from './reading'
import { consentAndClearGate, expectAccessible, goTo, logIn, saved, startExamination } from './person'

/** Tells the stand-in of the hospital what to do, and hands back what it has. */
function hospital(...words: string[]): { requests: { id: string; puts: number }[] } {
  return JSON.parse(execFileSync('bin/hospital', words, { encoding: 'utf8' })) as ReturnType<typeof hospital>
}

test.afterEach(() => hospital('day=well', 'slow=0', 'after=30', 'found=acl:present'))

/** The hospital on the page of an athlete whose plan sends them there. */
async function toHospital(page: Page, athlete: string) {
  await logIn(page)
  await startExamination(page, athlete, 'left')
  await consentAndClearGate(page)
  await goTo(page, 'Lachman')
  await page.keyboard.press('4')
  await page.keyboard.press('a')
  await saved(page)
  await page.getByRole('button', { name: 'Summary' }).click()
  await page.getByRole('button', { name: 'Sign…' }).click()
  await page.getByRole('dialog').getByRole('button', { name: 'Sign examination' }).click()
  await expect(page.getByText(/signed by Ada/)).toBeVisible()
  const id = /examinations\/([\w-]+)/.exec(page.url())?.[1]
  const signed = (await (await page.request.get(`/api/examinations/${id}`)).json()) as { athlete: { id: string } }
  await page.goto(`/athletes/${signed.athlete.id}`)
  const section = page.getByRole('region', { name: 'Hospital' })
  await expect(section).toBeVisible()
  return section
}

test('a referral goes to the hospital once, and its answer becomes a result', async ({ page }) => {
  hospital('day=well', 'after=0', 'found=acl:absent,mcl:present')
  const before = hospital('list').requests.length
  const section = await toHospital(page, 'Una Blackstone')
  await section.getByRole('button', { name: 'Send to hospital' }).first().click()
  await expect(section.getByRole('status')).toContainText('Sent')
  await section.getByRole('button', { name: 'Check for answer' }).click()
  await expect(section.getByRole('status')).toContainText(/The result is here · Appointment/)
  await expect(section).toContainText(/MRI, .*: ACL tear not found, MCL sprain found\./)
  await expectAccessible(page)
  await section.getByRole('button', { name: 'Add result' }).click()
  await expect(section.getByRole('status')).toContainText('Result added')
  await expect(page.getByText('MRI: no ACL tear, MCL sprain').first()).toBeVisible()
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
  const section = await toHospital(page, 'Iver Cairnduff')
  await section.getByRole('button', { name: 'Send to hospital' }).first().click()
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
