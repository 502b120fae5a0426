import { execFileSync } from 'node:child_process'
import { readFileSync } from 'node:fs'
import { type Browser, type Page, expect, test } from './reading'
import ICAL from 'ical.js'
import { consentAndClearGate, expectAccessible, goTo, saved } from './person'
import { unzipped } from './zip'

/** A record from nothing: a team without anybody, its people, a list, a knee, what came of it, and its end. */
const PASSWORD = 'knees in the fen at dusk'
const ATHLETES = 40

function artisan(...words: string[]): string {
  return execFileSync('php', ['artisan', ...words], { encoding: 'utf8' }).trim()
}

async function comeIn(page: Page, link: string, name: string, email: string): Promise<void> {
  await page.goto(new URL(link).pathname + new URL(link).hash)
  await page.getByLabel('Your name').fill(name)
  await page.getByLabel('Password, 12 characters').fill(PASSWORD)
  await page.getByRole('button', { name: 'Join the team' }).click()
  await page.getByLabel('E-mail').fill(email)
  await page.getByLabel('Password', { exact: true }).fill(PASSWORD)
  await page.getByRole('button', { name: 'Log in' }).click()
}

/** As a spreadsheet in the middle of Europe saves it: semicolons, Latin-1, three lines that are wrong. */
function squadList(): Buffer {
  const lines = Array.from({ length: ATHLETES }, (_, place) => {
    const letters = `${'abcdefghij'[place % 10]}${'klmn'[Math.floor(place / 10)]}`
    return `Mårsh-${letters};Ída ${letters};${1 + (place % 28)}.3.${1990 + (place % 16)};Judo;M${place + 1}`
  })
  lines.splice(7, 0, 'Holt;Per;31.2.2001;Judo;M90')
  lines.splice(19, 0, ';;1.2.2001;Judo;M91')
  lines.push('Holt;Eva;1.2.2001;Judo;M1')
  return Buffer.from(['Nachname;Vorname;Geburtsdatum;Mannschaft;Nr.', ...lines].join('\r\n'), 'latin1')
}

async function importList(page: Page): Promise<void> {
  await page.getByRole('link', { name: 'Import a list' }).click()
  await page.setInputFiles('input[type=file]', { name: 'squad.csv', mimeType: 'text/csv', buffer: squadList() })
  await expect(page.getByText('encoded as Windows-1252, separated by “;”')).toBeVisible()
  await expect(page.getByRole('row').filter({ hasText: 'Not imported' })).toHaveCount(3)
  await expect(page.getByText('“31.2.2001” is no day')).toBeVisible()
  await expectAccessible(page)
  await page.getByRole('button', { name: `Add ${ATHLETES} athletes` }).click()
  await expect(page.getByText(`${ATHLETES} athletes are in the lists now.`)).toBeVisible({ timeout: 30_000 })
  await page.getByRole('link', { name: 'Go to athletes' }).click()
}

async function find(page: Page, name: string): Promise<void> {
  await page.getByPlaceholder('Name, number or squad').fill(name)
  // Until the search has answered, the list moves under whatever is pressed.
  await expect(page.getByRole('button', { name: /^Examine / })).toHaveCount(1)
  await expect(page.getByRole('link', { name, exact: true })).toBeVisible()
}

/** The clear tear of an ACL by hand, as far as the core asks; signed. */
async function examineAndSign(page: Page, name: string): Promise<void> {
  await find(page, name)
  await page.getByRole('button', { name: `Examine ${name}` }).click()
  await page.getByRole('radio', { name: 'Within a week', exact: true }).click()
  await page.getByRole('checkbox', { name: 'nothing' }).count()
  await page.getByRole('button', { name: 'left knee hurt' }).click()
  await expect(page.getByRole('heading', { name: 'History', level: 1 })).toBeVisible()
  await consentAndClearGate(page)
  await goTo(page, 'Lachman')
  await record(page, 'right', { translationMm: 3, endFeel: 'firm' })
  await record(page, 'left', {
    translationMm: 10,
    endFeel: 'soft',
    checks: { footStayedDown: true, thighStable: true, hamstringsRelaxed: true },
  })
  await page.reload()
  await saved(page)
  await page.getByRole('button', { name: 'Summary' }).click()
  await page.getByRole('button', { name: 'Sign…' }).click()
  await page.getByRole('dialog').getByRole('button', { name: 'Sign examination' }).click()
  await expect(page.getByText(/signed by Ada Own/)).toBeVisible()
}

/** Through the door that the bench uses; the bench itself has tests of its own. */
async function record(page: Page, side: string, payload: object): Promise<void> {
  const id = /examinations\/([\w-]+)/.exec(page.url())![1]
  const answer = await page.request.put(`/api/examinations/${id}/records/lachman/${side}`, {
    headers: { 'X-CSRF-TOKEN': await csrf(page), Accept: 'application/json' },
    data: { key: `season ${side}`, version: 0, payload },
  })
  expect(answer.ok()).toBe(true)
}

async function csrf(page: Page): Promise<string> {
  return ((await (await page.request.get('/api/me')).json()) as { csrf: string }).csrf
}

test('a record from nothing: invitation, list, knee, scan, calendar, board, archive and erasure', async ({ page }) => {
  test.setTimeout(240_000)
  const email = `ada${Date.now()}@marsh.example`
  const team = artisan('team:create', 'Marsh End Judo')
  await comeIn(page, artisan('user:invite', team, email), 'Ada Own', email)
  await expect(page.getByText('No athletes yet.')).toBeVisible()
  await importList(page)

  const name = 'Ída ck Mårsh-ck'
  await examineAndSign(page, name)
  await page.goto('/')
  await page
    .getByRole('button', { name: /^Show all/ })
    .click({ timeout: 1000 })
    .catch(() => undefined)
  await find(page, name)
  await page.getByRole('link', { name, exact: true }).click()
  // The plan asked for another person's eye: it is sent, and the scan comes.
  await page
    .getByRole('button', { name: /surgeon|doctor/ })
    .first()
    .click()
  await page.getByRole('button', { name: 'Mark as sent' }).click()
  await page.goto('/')
  await page.getByRole('button', { name: 'Enter result' }).click()
  await expect(page.getByText('one tap saves it')).toBeVisible()
  await expectAccessible(page)
  await page.getByRole('button', { name: /^ACL tear/ }).click()
  await expect(page.getByText('Awaiting reply')).toHaveCount(0)
  await find(page, name)
  await page.getByRole('link', { name, exact: true }).click()
  await expect(page.getByRole('row', { name: /ACL tear: found MRI/ })).toBeVisible()
  await expect(page.getByRole('button', { name: /Re-examine/ })).toBeVisible()
  await expectAccessible(page)

  await page.getByRole('link', { name: 'Trends and comparison' }).click()
  await expect(page.getByRole('img', { name: /^ACL tear: / })).toBeVisible()
  await expectAccessible(page)

  await page.goto('/account')
  await page.getByRole('button', { name: 'Create address' }).click()
  const address = (await page.getByText(/^\s*https?:/).textContent())!
  const calendar = new ICAL.Component(ICAL.parse(await (await page.request.get(new URL(address).pathname)).text()))
  const events = calendar.getAllSubcomponents('vevent').map((event) => new ICAL.Event(event))
  expect(events.map((event) => event.summary)).toContain('Í. C. M. is due')
  expect(events.every((event) => event.startDate.isDate)).toBe(true)

  await page.getByRole('link', { name: 'Availability' }).click()
  await expect(page.getByText(name)).toBeVisible()

  await page.goto('/')
  await find(page, name)
  await page.getByRole('link', { name, exact: true }).click()
  await page.getByRole('button', { name: 'Export record…' }).click()
  const download = page.waitForEvent('download')
  await page.getByRole('button', { name: 'Save all data' }).click()
  const href = (await download).url()
  const files = unzipped(await (await page.request.get(href)).body())
  expect([...files.keys()].filter((one) => one.endsWith('summary.pdf'))).toHaveLength(1)
  expect(String(files.get('index.html')).replaceAll(/\s+/g, ' ')).toContain('ACL tear found')
  const bundle = page.waitForEvent('download')
  await page.getByRole('button', { name: 'Save bundle' }).click()
  const { entry } = JSON.parse(readFileSync(await (await bundle).path(), 'utf8'))
  expect(entry[1].resource).toMatchObject({ resourceType: 'Patient', name: [{ text: name }] })
  await page.keyboard.press('Escape')

  await page.getByRole('button', { name: 'Erase athlete' }).click()
  await page.getByLabel('Reason: who asked for it').fill('asked for it in writing')
  await expectAccessible(page)
  await page.getByRole('dialog').getByRole('button', { name: 'Erase athlete' }).click()
  await expect(page.getByText('Erased. The log keeps')).toBeVisible()
  await page.getByPlaceholder('Name, number or squad').fill(name)
  await expect(page.getByText('No athlete matches')).toBeVisible()
  expect((await page.request.get(href)).status()).toBe(404)
})

for (const { role, sees, not } of [
  { role: 'coach', sees: ['Availability'], not: ['Today', 'Team', 'Log'] },
  { role: 'student', sees: ['Today', 'Availability'], not: ['Team', 'Log'] },
]) {
  test(`a ${role} sees and may do what the matrix says`, async ({ browser }: { browser: Browser }) => {
    const email = `${role}${Date.now()}@marsh.example`
    const team = artisan('team:create', 'Marsh End Judo')
    const page = await (await browser.newContext()).newPage()
    await comeIn(page, artisan('user:invite', team, email, `--role=${role}`), 'Cy Own', email)
    for (const link of sees) await expect(page.getByRole('link', { name: link, exact: true })).toBeVisible()
    for (const link of not) await expect(page.getByRole('link', { name: link, exact: true })).toHaveCount(0)
    await page.goto('/athletes')
    for (const door of ['/api/athletes.csv', '/api/members', '/api/audit-log', '/api/imports'])
      expect((await page.request.get(door)).status()).toBe(403)
    if (role === 'coach') await expect(page).toHaveURL(/\/board$/)
    else await expect(page.getByRole('link', { name: 'Import a list' })).toHaveCount(0)
  })
}
