import { execFileSync } from 'node:child_process'
import { existsSync, mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { type Page, expect } from '@playwright/test'
import ICAL from 'ical.js'
import type { Examination } from '../../web/src/contract/types'
import { consentAndClearGate, goTo, saved } from '../Browser/person'
import { ENVIRONMENT, KEPT, commandsOf } from './club'
import { counting, note, taken } from './counting'
import { PASSWORD, PEOPLE, answered, idIn, tabOf, test } from './people'

/** One loose knee of the squad, and all that follows from it. */
const NAME = 'Ída ik Mårsh-ik'
const ANOTHER = 'Ída jk Mårsh-jk'

/** As README.md says of a document. */
const judge = (document: string) =>
  execFileSync('bin/artisan', ['examination:assess', '-'], { env: ENVIRONMENT, input: document, encoding: 'utf8' })

async function toAthlete(page: Page, name: string): Promise<void> {
  await page.goto('/')
  await page.getByPlaceholder('Name, number or squad').fill(name)
  await page.getByRole('link', { name, exact: true }).click()
  await expect(page.getByRole('heading', { name: 'Details' })).toBeVisible()
}

async function startLeft(page: Page): Promise<void> {
  await page.getByRole('button', { name: 'Examine', exact: true }).click()
  const another = page.getByRole('radio', { name: 'Within a week', exact: true })
  if (await another.isVisible()) await another.click()
  await page.getByRole('button', { name: 'left knee hurt' }).click()
  await expect(page.getByRole('heading', { name: 'History', level: 1 })).toBeVisible()
}

test('6 signed, a letter handed over, a page for the athlete, the PDF, and the board of the coach', async ({
  browser,
}) => {
  const page = await tabOf(browser, 'lead')
  const counts = await counting(page)
  await page.goto('/team')
  const codes = page.getByRole('checkbox', { name: /Athletes may be given a code/ })
  if (!(await codes.isChecked())) await page.getByText(/Athletes may be given a code/).click()
  await page.getByRole('button', { name: 'Save settings' }).click()
  await expect(page.getByText('The team settings are saved.')).toBeVisible()

  await toAthlete(page, NAME)
  await page.getByRole('button', { name: 'Edit details' }).click()
  await page.getByRole('button', { name: 'More details' }).click()
  await page.getByLabel(/^Agreed by/).fill('herself')
  await page.getByRole('button', { name: 'Save details' }).click()
  await startLeft(page)
  await consentAndClearGate(page)
  await goTo(page, 'Lachman')
  for (const key of ['[', 'f', ']', '3', 's', 'c']) await page.keyboard.press(key)
  await saved(page)
  await page.getByRole('button', { name: 'Summary' }).click()
  taken(counts)
  await page.getByRole('button', { name: 'Sign…' }).click()
  await page.getByRole('dialog').getByRole('button', { name: 'Sign examination' }).click()
  await expect(page.getByText(/signed by Ada Ellery/)).toBeVisible()
  note('signing', `${taken(counts).presses} presses`, '2 clicks')
  const id = idIn(page)
  expect((await page.request.get(`/api/examinations/${id}/summary.pdf`)).headers()['content-type']).toBe(
    'application/pdf',
  )

  await page.getByRole('button', { name: 'Write a letter' }).click()
  // The book of doctors is empty, so it begins at once.
  await expect(page.getByRole('textbox', { name: 'Text' })).toHaveValue(/Question: /)
  await page.getByRole('button', { name: 'Hand over…' }).click()
  await expect(page.getByRole('dialog').getByText('This server sends no mail')).toBeVisible()
  await page.getByRole('dialog').getByRole('button', { name: 'Record as handed over' }).click()
  await expect(page.getByText(/^Sent by hand or post on /)).toBeVisible()
  note('a letter written and handed over', `${taken(counts).presses} presses`, '4 clicks, “on its way” though not')

  await page.goto(`/examinations/${id}/athlete`)
  await page.getByRole('button', { name: 'Create code' }).click()
  const address = (await page.getByText(/\/page#/).textContent())!.trim().replace(/^.*?(http)/s, '$1')
  const stranger = await (await browser.newContext()).newPage()
  await stranger.goto(address)
  await expect(stranger.getByRole('heading', { name: 'What we found' })).toBeVisible()
  await page.getByRole('button', { name: 'Close code' }).click()
  await expect(page.getByText('No code is open.')).toBeVisible()
  await stranger.reload()
  await expect(stranger.getByText(/^(This page is not open any more|Diese Seite ist nicht mehr offen)/)).toBeVisible()

  const coach = await tabOf(browser, 'coach')
  await expect(coach.getByText(NAME)).toBeVisible()
  await expect(coach.getByText('Ída gk Mårsh-gk')).toHaveCount(0)
})

test('7 the same knee again, beside what was found the last time; a word added, a correction', async ({ browser }) => {
  const page = await tabOf(browser, 'lead')
  const counts = await counting(page)
  await toAthlete(page, NAME)
  taken(counts)
  await page
    .getByRole('button', { name: /^Re-examine/ })
    .first()
    .click()
  note('looking at the same knee again', `${taken(counts).presses} press`, '1 click')
  await page.getByRole('dialog').getByRole('button', { name: 'Examine now' }).click()
  await page
    .getByRole('group', { name: 'Re-examine' })
    .getByRole('button', { name: /^Left knee/ })
    .click()
  await expect(page.getByRole('heading', { name: 'History', level: 1 })).toBeVisible()
  await consentAndClearGate(page)
  await goTo(page, 'Lachman')
  await expect(page.getByRole('region', { name: 'L · hurt knee' }).getByText(/^Last time/)).toContainText('soft')
  for (const key of ['[', 'f', ']', '2', 's', 'c']) await page.keyboard.press(key)
  await saved(page)
  await page.getByRole('button', { name: 'Summary' }).click()
  await page.getByRole('button', { name: 'Sign…' }).click()
  await page.getByRole('dialog').getByRole('button', { name: 'Sign examination' }).click()
  await expect(page.getByText(/signed by Ada Ellery/)).toBeVisible()
  taken(counts)
  await page.getByRole('button', { name: 'Add note' }).click()
  await page.getByLabel(/Note to add/).fill('She rang: it is better.')
  await page.getByRole('button', { name: 'Add note' }).click()
  await expect(page.getByText('She rang: it is better.')).toBeVisible()
  note('a word added to a signed examination', `${taken(counts).presses} presses`, '3 clicks')
  await page.getByRole('button', { name: 'Correct examination' }).click()
  await expect(page.getByRole('heading', { name: 'History', level: 1 })).toBeVisible()
  note('a correction begun', `${taken(counts).presses} press`, '2 clicks')
  await goTo(page, 'Lachman')
  await page.keyboard.press(']')
  await page.keyboard.press('3')
  await saved(page)
  await page.getByRole('button', { name: 'Summary' }).click()
  await page.getByRole('button', { name: 'Sign…' }).click()
  await page.getByRole('dialog').getByRole('button', { name: 'Sign examination' }).click()
  await expect(page.getByText('an earlier signed examination')).toBeVisible()
  await toAthlete(page, NAME)
  await page.getByRole('link', { name: 'Trends and comparison' }).first().click()
  await expect(page.getByRole('img', { name: /^ACL tear: / })).toBeVisible()
})

test('8 the scan comes: what was asked is offered first, and held against the visit that asked', async ({
  browser,
}) => {
  const page = await tabOf(browser, 'lead')
  const counts = await counting(page)
  await page.goto('/')
  const waiting = page.getByRole('listitem').filter({ hasText: NAME }).getByRole('button', { name: 'Enter result' })
  await expect(waiting).toBeVisible()
  taken(counts)
  await waiting.click()
  const first = page
    .getByRole('dialog')
    .getByRole('button', { name: /predicted \d+ in 100/ })
    .first()
  await expect(first).toHaveText(/ACL tear.*asked/s)
  await first.click()
  await expect(waiting).toHaveCount(0)
  const { presses } = taken(counts)
  expect(presses).toBe(2)
  note('an MRI result', `${presses} presses`, '6 taps, the injury asked about not offered')
  await toAthlete(page, NAME)
  await expect(page.getByRole('row', { name: /ACL tear: found MRI/ })).toBeVisible()
})

test('9 what is due in a calendar, moved there, and brought back', async ({ browser }) => {
  const page = await tabOf(browser, 'lead')
  await page.goto('/account')
  await page.getByRole('button', { name: 'Create address' }).click()
  const address = new URL((await page.getByText(/^\s*https?:/).textContent())!.trim())
  const text = await (await page.request.get(address.pathname)).text()
  const calendar = new ICAL.Component(ICAL.parse(text))
  const events = calendar.getAllSubcomponents('vevent').map((event) => new ICAL.Event(event))
  expect(events.length).toBeGreaterThan(1)
  const day = events[0]!.startDate.clone()
  day.addDuration(ICAL.Duration.fromData({ days: 3 }))
  events[0]!.startDate = day
  if (events[0]!.component.hasProperty('dtend')) {
    const end = day.clone()
    end.addDuration(ICAL.Duration.fromData({ days: 1 }))
    events[0]!.endDate = end
  }
  await page
    .getByLabel('Exported calendar file')
    .locator('input')
    .setInputFiles({ name: 'back.ics', mimeType: 'text/calendar', buffer: Buffer.from(calendar.toString()) })
  const told = page.getByRole('status').filter({ hasText: 'Not changed: ' })
  await expect(told.getByText('Moved', { exact: true })).toBeVisible()
  await expect(told.getByRole('listitem')).toHaveCount(1)
  note('a calendar of ' + String(events.length) + ' brought back', '1 moved, said so', '500 in 3 of 3')
  await page.getByRole('button', { name: 'Close address' }).click()
  await expect(page.getByRole('button', { name: 'Create address' })).toBeVisible()
  expect((await page.request.get(address.pathname)).status()).toBe(404)
})

test('10 a student examines, proposes and asks; a coach reaches nothing but the board', async ({ browser }) => {
  const student = await tabOf(browser, 'student')
  await toAthlete(student, NAME)
  await expect(student.getByText('No examination of yours yet. Those of others are not shown to you.')).toBeVisible()
  await toAthlete(student, ANOTHER)
  await startLeft(student)
  await consentAndClearGate(student)
  await goTo(student, 'Lachman')
  await student.keyboard.press('n')
  await saved(student)
  await student.getByRole('button', { name: 'Summary' }).click()
  await student.getByRole('button', { name: 'Request signature' }).click()
  await expect(student.getByRole('button', { name: 'Signature requested' })).toBeVisible()
  await toAthlete(student, ANOTHER)
  await student.getByRole('textbox', { name: 'Task' }).fill('Ring her on Monday')
  await student.getByRole('button', { name: 'Propose task' }).click()

  const lead = await tabOf(browser, 'lead')
  const counts = await counting(lead)
  await lead.goto('/')
  taken(counts)
  await lead.getByRole('button', { name: 'Accept: Ring her on Monday' }).click()
  await expect(lead.getByText('Accepted. It is recorded as if you had entered it.')).toBeVisible()
  note('a proposal taken over', `${taken(counts).presses} press`, 'not counted')
  // Not the athlete of the proposal, which goes in a moment.
  await lead.getByRole('link', { name: new RegExp(`${ANOTHER}.*left knee`) }).click()
  await lead.getByRole('button', { name: 'Sign…' }).click()
  await lead.getByRole('dialog').getByRole('button', { name: 'Sign examination' }).click()
  await expect(lead.getByText(/signed by Ada Ellery/)).toBeVisible()

  const coach = await tabOf(browser, 'coach')
  for (const door of ['/api/athletes.csv', '/api/members', '/api/audit-log', '/api/imports'])
    expect((await coach.request.get(door)).status()).toBe(403)
  for (const screen of ['/', '/team', '/athletes', `/examinations/${idIn(lead)}`]) {
    await coach.goto(screen)
    await expect(coach.getByRole('heading', { name: 'Availability' })).toBeVisible()
  }
})

test('11 all data of an athlete, a backup and its restore elsewhere, and an erasure', async ({ browser }) => {
  const page = await tabOf(browser, 'lead')
  await toAthlete(page, NAME)
  await page.getByRole('button', { name: 'Export record…' }).click()
  const download = page.waitForEvent('download')
  await page.getByRole('button', { name: 'Save all data' }).click()
  expect((await (await download).path()).length).toBeGreaterThan(0)

  const folder = mkdtempSync(`${tmpdir()}/gc-journeys-`)
  const [backup = '', restore = ''] = commandsOf('Backup and restore')
  const typed = (line: string, more: Record<string, string> = {}) =>
    execFileSync('bash', ['-c', line], {
      env: { ...ENVIRONMENT, ...more, BACKUP_PASSPHRASE: 'six words nobody else would choose' },
      encoding: 'utf8',
      stdio: 'pipe',
    })
  const begun = Date.now()
  typed(backup.replace(/.*bin\/backup \S+ ?\S*/, `bin/backup ${folder}/today.gc`))
  const kept = Date.now() - begun
  const elsewhere = { INSTANCE_NAME: 'journeys-restored', PORT: '8187', DB_PORT: '33187' }
  for (const rest of ['var/journeys-restored', 'var/keys/journeys-restored.key'])
    if (existsSync(rest)) rmSync(rest, { recursive: true })
  expect(restore).toContain('bin/restore')
  const said = typed(`bin/restore ${folder}/today.gc`, elsewhere)
  expect(said).toMatch(/as they were written/)
  note(
    'backup, and restore elsewhere',
    `${(kept / 1000).toFixed(1)} s and ${((Date.now() - begun - kept) / 1000).toFixed(1)} s`,
    '1.4 s and 5.0 s',
  )
  rmSync(folder, { recursive: true })
  rmSync('var/journeys-restored', { recursive: true })
  rmSync('var/keys/journeys-restored.key', { force: true })

  await toAthlete(page, ANOTHER)
  await page.getByRole('button', { name: 'Erase athlete' }).click()
  await page.getByLabel('Reason: who asked for it').fill('asked for it in writing')
  await page.getByRole('dialog').getByRole('button', { name: 'Erase athlete' }).click()
  await expect(page.getByText('Erased. The log keeps')).toBeVisible()
  await page.getByPlaceholder('Name, number or squad').fill(ANOTHER)
  await expect(page.getByText('No athlete matches')).toBeVisible()
})

test('12 arithmetic by hand, with commas, counts and ratios, and nonsense refused in its place', async ({
  browser,
}) => {
  const page = await tabOf(browser, 'lead')
  await page.goto('/arithmetic')
  const now = page.getByRole('status').filter({ hasText: 'out of 100 similar knees' })
  const before = page.getByLabel('Pre-test probability, in 100')
  const rate = (name: string) => page.getByLabel(name).first()
  for (const [chanceBefore, sensitivity, specificity, positive] of [
    ['30', '85', '95', '88'],
    ['9,5', '85', '95', '64'],
    ['1', '80', '98,7', '38'],
  ] as const) {
    await before.fill(chanceBefore)
    await rate('Sensitivity, %').fill(sensitivity)
    await rate('Specificity, %').fill(specificity)
    await expect(now).toContainText(`→ ${positive} out of 100`)
  }
  for (const nonsense of ['.', '-5', '101', '1-2']) {
    await before.fill(nonsense)
    await expect(page.getByRole('alert').first()).toBeVisible()
  }
  await before.fill('30')
  await page.getByRole('button', { name: 'From counts or likelihood ratios…' }).click()
  await page.getByRole('dialog').getByRole('radio', { name: 'Likelihood ratios' }).click()
  await page.getByRole('dialog').getByLabel('LR of a positive result').fill('10')
  await page.getByRole('dialog').getByLabel('LR of a negative result').fill('0,2')
  await page.getByRole('dialog').getByRole('button', { name: 'Use these figures' }).click()
  await expect(now).toContainText('30 → 81 out of 100')
  note('likelihood ratios in Arithmetic', 'taken', 'no entry')
})

test('13 two people on one knee, and a deep link after logging out', async ({ browser }) => {
  const mine = await tabOf(browser, 'lead')
  await toAthlete(mine, 'Ída al Mårsh-al')
  await startLeft(mine)
  await consentAndClearGate(mine)
  const theirs = await tabOf(browser, 'practitioner')
  await theirs.goto(mine.url())
  await goTo(mine, 'Lachman')
  await goTo(theirs, 'Lachman')
  await mine.keyboard.press('2')
  await saved(mine)
  await theirs.keyboard.press('4')
  const clash = theirs.getByRole('alert', { name: 'Not saved: Lachman, left knee' })
  await expect(clash.getByRole('row', { name: /Compared with the other knee/ })).toContainText('gross')
  await clash.getByRole('button', { name: 'Take theirs' }).click()
  await expect(theirs.getByRole('radio', { name: /^slightly/ })).toBeChecked()

  const knee = `/examinations/${idIn(mine)}`
  await mine.goto('/')
  await mine.getByRole('button', { name: 'Log out', exact: true }).click()
  await expect(mine.getByRole('heading', { name: 'Log in' })).toBeVisible()
  await mine.goto(knee)
  await mine.getByLabel('E-mail').fill(PEOPLE.lead.email)
  await mine.getByLabel('Password', { exact: true }).fill(PASSWORD)
  await mine.getByRole('button', { name: 'Log in' }).click()
  await expect(mine.getByRole('heading', { name: 'History', level: 1 })).toBeVisible()
  await mine.context().storageState({ path: `${KEPT}/lead.json` })
})

test('F what leaves comes back: a document is judged as it was, tables keep their width', async ({ browser }) => {
  const page = await tabOf(browser, 'lead')
  await toAthlete(page, NAME)
  await page
    .getByRole('link', { name: /^Examination of / })
    .first()
    .click()
  await expect(page.getByText(/signed by Ada Ellery/)).toBeVisible()
  const id = idIn(page)
  const { assessment } = await answered<Examination>(page, `/api/examinations/${id}`)
  const document = await answered<object>(page, `/api/examinations/${id}/document`)
  const judged = JSON.parse(judge(JSON.stringify(document))) as { conditions: object[] }
  expect(judged.conditions).toEqual(assessment.conditions)
  for (const table of ['/api/athletes.csv', '/api/audit-log.csv', '/api/athletes.csv?separator=semicolon']) {
    const text = await (await page.request.get(table)).text()
    const cells = (line: string) => line.split(/[,;](?=(?:[^"]*"[^"]*")*[^"]*$)/).length
    const widths = new Set(text.trim().split('\r\n').map(cells))
    expect([...widths], table).toHaveLength(1)
  }
})
