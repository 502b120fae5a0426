import { createHmac } from 'node:crypto'
import { existsSync } from 'node:fs'
import { type Browser, type BrowserContextOptions, type Page, test as base, expect } from '@playwright/test'
import { onMeteredLine, patiently, reading } from '../Browser/reading'
import { KEPT } from './club'

/** What was read along in all tabs of a journey. */
const read: Set<string>[] = []

export const test = base.extend<{ readable: undefined }>({
  readable: [
    async ({}, use) => {
      await use(undefined)
      expect(
        read.splice(0).flatMap((raw) => [...raw]),
        'every text of every page is for people',
      ).toEqual([])
    },
    { auto: true },
  ],
})

export const PASSWORD = 'knees in the fen at dusk'

/** Who works in the club; the lead's address stands in docs/operations.md. */
export const PEOPLE = {
  lead: { name: 'Ada Ellery', email: 'ada@marsh.example' },
  practitioner: { name: 'Bo Tarrant', email: 'bo@marsh.example' },
  student: { name: 'Cy Orrick', email: 'cy@marsh.example' },
  coach: { name: 'Dana Holt', email: 'dana@marsh.example' },
}

export type Who = keyof typeof PEOPLE

const stateOf = (who: Who) => `${KEPT}/${who}.json`

/** From a link to the first screen, with a password of one's own. */
export async function comeIn(page: Page, link: string, who: Who): Promise<void> {
  await page.goto(link)
  await page.getByLabel('Your name').fill(PEOPLE[who].name)
  await page.getByLabel('Password, 12 characters').fill(PASSWORD)
  await page.getByRole('button', { name: 'Join the team' }).click()
  await logIn(page, who)
}

async function logIn(page: Page, who: Who): Promise<void> {
  await page.getByLabel('E-mail').fill(PEOPLE[who].email)
  await page.getByLabel('Password', { exact: true }).fill(PASSWORD)
  await page.getByRole('button', { name: 'Log in' }).click()
  await expect(page.getByRole('link', { name: `Account of ${PEOPLE[who].name}` })).toBeVisible()
  await page.context().storageState({ path: stateOf(who) })
}

/** A tab of a person who is logged in, as on the device that they left a moment ago. */
export async function tabOf(browser: Browser, who: Who, options: BrowserContextOptions = {}): Promise<Page> {
  const known = existsSync(stateOf(who)) ? { storageState: stateOf(who) } : {}
  const context = await patiently(() => browser.newContext({ ...options, ...known }))
  await context.addInitScript(onMeteredLine)
  read.push(await reading(context))
  const page = await context.newPage()
  // After a while what is grave asks for the password again, in whatever journey that is.
  const once = page.getByRole('dialog', { name: 'Your password' })
  await page.addLocatorHandler(once, async () => {
    await once.getByRole('textbox', { name: 'Password', exact: true }).fill(PASSWORD)
    await once.getByRole('button', { name: 'Confirm password' }).click()
  })
  await page.goto('/')
  if (await page.getByLabel('E-mail').isVisible()) await logIn(page, who)
  await expect(page.getByRole('link', { name: `Account of ${PEOPLE[who].name}` })).toBeVisible()
  return page
}

/** The code that an authenticator app shows for a secret (RFC 6238), steps of 30 s ahead. */
export function code(typed: string, ahead = 0): string {
  const bits = [...typed.replaceAll(' ', '')].map((letter) => 'ABCDEFGHIJKLMNOPQRSTUVWXYZ234567'.indexOf(letter))
  const bytes = bits.map((five) => five.toString(2).padStart(5, '0')).join('')
  const secret = Buffer.from((bytes.match(/.{8}/g) ?? []).map((byte) => parseInt(byte, 2)))
  const step = Buffer.alloc(8)
  step.writeBigUInt64BE(BigInt(Math.floor(Date.now() / 30_000) + ahead))
  const hash = createHmac('sha1', secret).update(step).digest()
  return String((hash.readUInt32BE(hash[19]! & 15) & 0x7fffffff) % 1_000_000).padStart(6, '0')
}

/** What the server answers to a person, read with their session. */
export async function answered<T>(page: Page, path: string): Promise<T> {
  const answer = await page.request.get(path, { headers: { Accept: 'application/json' } })
  expect(answer.ok(), `${path} answers ${answer.status()}`).toBe(true)
  return (await answer.json()) as T
}

export const idIn = (page: Page) => /examinations\/([\w-]+)/.exec(page.url())![1]!
