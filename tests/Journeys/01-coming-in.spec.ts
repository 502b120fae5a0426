import { readFileSync } from 'node:fs'
import { type Page, expect } from '@playwright/test'
import { KEPT, commandsOf, typed } from './club'
import { counting, note, taken } from './counting'
import { PASSWORD, PEOPLE, answered, code, comeIn, tabOf, test, type Who } from './people'

const SQUAD = 40

/** As a spreadsheet in the middle of Europe saves it: semicolons, Windows-1252, three wrong lines, two double ones. */
function squadList(): Buffer {
  const lines = Array.from({ length: SQUAD }, (_, place) => {
    const letters = `${'abcdefghij'[place % 10]}${'klmn'[Math.floor(place / 10)]}`
    return `Mårsh-${letters};Ída ${letters};${1 + (place % 28)}.03.${1990 + (place % 16)};Judo;${place + 1}`
  })
  lines.splice(7, 0, 'Holt;Per;31.02.2001;Judo;90')
  lines.splice(19, 0, ';;01.02.2001;Judo;91')
  lines.push('Holt;Eva;01.02.2001;Judo;1', lines[0]!, lines[1]!)
  return Buffer.from(['Nachname;Vorname;Geburtsdatum;Mannschaft;Nr.', ...lines].join('\r\n'), 'latin1')
}

async function invite(page: Page, who: Who): Promise<string> {
  await page.getByLabel('E-mail').fill(PEOPLE[who].email)
  await page.getByRole('radio', { name: new RegExp(`^${who}`, 'i') }).check()
  await page.getByRole('button', { name: 'Invite', exact: true }).click()
  const link = page.getByRole('textbox', { name: 'Invitation link' })
  await expect(link).toHaveValue(/^http:\/\/127\.0\.0\.1:\d+\/invitation#\S{30,}$/)
  return link.inputValue()
}

test('1 a club from nothing: the link of the setup works, three people come in, one with a second factor', async ({
  page,
  browser,
}) => {
  const counts = await counting(page)
  await comeIn(page, readFileSync(`${KEPT}/link`, 'utf8'), 'lead')
  await expect(page.getByText('No athletes yet.')).toBeVisible()
  await expect(page.getByText(/this server sends no mail/i).first()).toBeVisible()
  expect((await answered<{ user: { timeZone: string } }>(page, '/api/me')).user.timeZone).toBe('Europe/Berlin')
  await page.getByRole('link', { name: 'Team', exact: true }).click()
  taken(counts)
  for (const who of ['practitioner', 'student', 'coach'] as const) {
    const link = await invite(page, who)
    const theirs = await (await browser.newContext()).newPage()
    await comeIn(theirs, link, who)
    if (who === 'coach') await expect(theirs.getByRole('heading', { name: 'Availability' })).toBeVisible()
  }
  note('three invitations handed over', `${taken(counts).presses} presses`, '9 actions, links dead in an .eml')

  const bo = await tabOf(browser, 'practitioner')
  await bo.getByRole('link', { name: 'Account of Bo Tarrant' }).click()
  await bo.getByRole('button', { name: 'Set up second factor' }).click()
  const secret = (await bo.locator('code').textContent())!
  await bo.getByLabel('Six-digit code from the app').fill(code(secret))
  await bo.getByRole('button', { name: 'Turn on second factor' }).click()
  await bo.getByRole('button', { name: 'I have saved the codes' }).click()
  await bo.getByRole('button', { name: 'Log out', exact: true }).click()
  await bo.getByLabel('E-mail').fill(PEOPLE.practitioner.email)
  await bo.getByLabel('Password', { exact: true }).fill(PASSWORD)
  await bo.getByRole('button', { name: 'Log in' }).click()
  await bo.getByLabel('Code from your app').fill(code(secret, 1))
  await bo.getByRole('button', { name: 'Log in' }).click()
  await expect(bo.getByRole('link', { name: 'Account of Bo Tarrant' })).toBeVisible()
  await bo.context().storageState({ path: `${KEPT}/practitioner.json` })
})

test('1b each command that docs/operations.md names runs as it stands there', () => {
  expect(commandsOf('Backup and restore')).toHaveLength(2)
  const guide = readFileSync('docs/operations.md', 'utf8')
  const rows = [...guide.matchAll(/^\| `(bin\/artisan [^`]+)` \|/gm)].map(([, command]) => command!)
  expect(rows.length).toBeGreaterThan(5)
  const team = typed(rows[0]!).trim()
  expect(team).toMatch(/^[0-9a-z]{26}$/)
  for (const row of rows.slice(1)) {
    const command = row.replace('TEAM', team)
    const answers = /user:(create|password)/.test(command) ? `printf '%s\\n%s\\n' '${PASSWORD}' '${PASSWORD}' | ` : ''
    const address = command.includes('user:create') ? command.replace('bo@fen', 'ed@fen') : command
    typed(answers + (/user:(password|second-factor)/.test(command) ? address.replace('bo@fen', 'ed@fen') : address))
  }
})

test('2 forty of a list, seen before they are stored, taken back in one press, and not twice', async ({ browser }) => {
  const page = await tabOf(browser, 'lead')
  const counts = await counting(page)
  const importList = async (added: number) => {
    await page.goto('/athletes')
    await page.setInputFiles('input[type=file]', { name: 'squad.csv', mimeType: 'text/csv', buffer: squadList() })
    await expect(page.getByText('encoded as Windows-1252, separated by “;”')).toBeVisible()
    if (added > 0) {
      await page.getByRole('button', { name: `Add ${added} athletes` }).click()
      await expect(page.getByText(`${added} athletes are in the lists now.`)).toBeVisible()
    }
  }
  await importList(SQUAD)
  note('forty of a list, from the file on', `${taken(counts).presses} press`, 'not counted')
  await page.getByRole('button', { name: 'Import another list' }).click()
  taken(counts)
  await page.getByRole('button', { name: 'Undo import' }).click()
  await expect(page.getByText('Import undone.')).toBeVisible()
  note('taking the list back', `${taken(counts).presses} press`, '1 click')
  await importList(SQUAD)
  await importList(0)
  await expect(page.getByRole('button', { name: /^Add \d+ athletes/ })).toBeDisabled()
  const table = await (await page.request.get('/api/athletes.csv')).text()
  expect(table.trim().split('\r\n')).toHaveLength(1 + SQUAD)
})
