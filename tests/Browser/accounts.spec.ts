import { createHmac } from 'node:crypto'
import { type Browser, type Page, expect, test } from './reading'
import { expectAccessible, expectNoSidewaysScroll, logIn, select } from './person'

const PASSWORD = 'knees in the fen at dusk'
let people = 0

/** Someone whom no other test invites. */
function someone(): string {
  people += 1
  return `guest${Date.now()}${people}@fenmoor.example`
}

/** Invites someone, and gives the link that is handed over by hand where no mail leaves. */
async function invite(page: Page, email: string, role: string): Promise<string> {
  await page.goto('/team')
  await page.getByLabel('E-mail').fill(email)
  await page.getByRole('radio', { name: role }).check()
  await page.getByRole('button', { name: 'Invite', exact: true }).click()
  const link = page.getByRole('textbox', { name: 'Invitation link' })
  await expect(link).toBeVisible()
  await expect(
    page
      .getByRole('listitem')
      .filter({ hasText: `to ${email}` })
      .getByText('for no one else')
      .first(),
  ).toBeVisible()
  return /\/invitation#\S+/.exec(await link.inputValue())![0]
}

async function comeIn(browser: Browser, link: string, name: string): Promise<Page> {
  const page = await (await browser.newContext()).newPage()
  await page.goto(link)
  await expectAccessible(page)
  await page.getByLabel('Your name').fill(name)
  await page.getByLabel('Password, 12 characters').fill(PASSWORD)
  await page.getByRole('button', { name: 'Join the team' }).click()
  await expect(page.getByRole('heading', { name: 'Log in' })).toBeVisible()
  return page
}

async function logInAs(page: Page, email: string): Promise<void> {
  await page.getByLabel('E-mail').fill(email)
  await page.getByLabel('Password', { exact: true }).fill(PASSWORD)
  await page.getByRole('button', { name: 'Log in' }).click()
}

/** The code that an authenticator app shows, a step ahead so that none is asked for twice. */
function code(typed: string, ahead: number): string {
  const bits = [...typed.replaceAll(' ', '')].map((letter) => 'ABCDEFGHIJKLMNOPQRSTUVWXYZ234567'.indexOf(letter))
  const bytes = bits.map((five) => five.toString(2).padStart(5, '0')).join('')
  const secret = Buffer.from((bytes.match(/.{8}/g) ?? []).map((byte) => parseInt(byte, 2)))
  const step = Buffer.alloc(8)
  step.writeBigUInt64BE(BigInt(Math.floor(Date.now() / 30_000) + ahead))
  const hash = createHmac('sha1', secret).update(step).digest()
  const number = hash.readUInt32BE(hash[19]! & 15) & 0x7fffffff
  return String(number % 1_000_000).padStart(6, '0')
}

test('someone is invited, comes in, and keeps the door with a second factor', async ({ page, browser }) => {
  test.setTimeout(120_000)
  await logIn(page)
  const email = someone()
  const link = await invite(page, email, 'Practitioner')
  await expectAccessible(page)
  const theirs = await comeIn(browser, link, 'Bo Tarrant')
  await logInAs(theirs, email)
  await expect(theirs.getByRole('heading', { name: 'Unfinished' })).toBeVisible()
  await expect(theirs.getByRole('link', { name: 'Team', exact: true })).toHaveCount(0)

  await theirs.getByRole('link', { name: 'Account of Bo Tarrant' }).click()
  await theirs.getByRole('button', { name: 'Set up second factor' }).click()
  const secret = (await theirs.locator('code').textContent())!
  await expectAccessible(theirs)
  await theirs.getByLabel('Six-digit code from the app').fill('000000')
  await theirs.getByRole('button', { name: 'Turn on second factor' }).click()
  await expect(theirs.getByText('The code is wrong.')).toBeVisible()
  await theirs.getByLabel('Six-digit code from the app').fill(code(secret, 0))
  await theirs.getByRole('button', { name: 'Turn on second factor' }).click()
  await expect(theirs.getByRole('list', { name: 'Recovery codes' }).getByRole('listitem')).toHaveCount(10)
  const recovery = (await theirs.getByRole('list', { name: 'Recovery codes' }).locator('code').first().textContent())!
  await theirs.getByRole('button', { name: 'I have saved the codes' }).click()

  await theirs.getByRole('button', { name: 'Log out', exact: true }).click()
  await logInAs(theirs, email)
  await expect(theirs.getByLabel('Code from your app')).toBeFocused()
  await theirs.keyboard.type(code(secret, 1))
  await theirs.keyboard.press('Enter')
  await expect(theirs.getByRole('heading', { name: 'Unfinished' })).toBeVisible()
  await theirs.getByRole('button', { name: 'Log out', exact: true }).click()
  await logInAs(theirs, email)
  await theirs.getByLabel('Code from your app').fill(recovery)
  await theirs.getByRole('button', { name: 'Log in' }).click()
  await expect(theirs.getByRole('heading', { name: 'Unfinished' })).toBeVisible()

  await page.goto('/team')
  const person = page.getByRole('listitem').filter({ hasText: email })
  await expect(person.getByText('second factor on')).toBeVisible()
  await page.getByRole('button', { name: 'Remove from team: Bo Tarrant' }).last().click()
  await expectAccessible(page)
  await page.getByRole('dialog').getByRole('button', { name: 'Remove from team' }).click()
  await expect(page.getByRole('status')).toContainText('Bo Tarrant is not in the team any more')
  await theirs.reload()
  await expect(theirs.getByRole('heading', { name: 'Log in' })).toBeVisible()
})

test('a coach comes in and sees who may play, and nothing else; a lead gives another role', async ({
  page,
  browser,
}) => {
  await logIn(page)
  const email = someone()
  const theirs = await comeIn(browser, await invite(page, email, 'Coach'), 'Cy Ellery')
  await logInAs(theirs, email)
  await expect(theirs.getByRole('heading', { name: 'Availability' })).toBeVisible()
  await expect(theirs.getByRole('link', { name: 'Today' })).toHaveCount(0)
  await expectAccessible(theirs)
  await page.goto('/team')
  await select(page, 'Role of Cy Ellery', 'Student')
  await theirs.reload()
  await theirs.getByRole('link', { name: 'Today' }).click()
  await expect(theirs.getByRole('heading', { name: 'Unfinished' })).toBeVisible()
})

test('a forgotten password is set anew, and a long break asks for it before a change', async ({ page, browser }) => {
  await logIn(page)
  const email = someone()
  const theirs = await comeIn(browser, await invite(page, email, 'Practitioner'), 'Dana Orrick')
  await theirs.getByRole('link', { name: 'Forgotten password' }).click()
  await expectAccessible(theirs)
  await theirs.getByLabel('E-mail').fill(email)
  await theirs.getByRole('button', { name: 'Send reset link' }).click()
  await expect(theirs.getByRole('heading', { name: 'Check your mail' })).toBeVisible()
  await page.goto('/team')
  const mail = page
    .getByRole('listitem')
    .filter({ hasText: `to ${email}` })
    .filter({ hasText: 'A new password' })
  await expect(mail.getByText('for no one else')).toBeVisible()

  await theirs.goto('/reset#no-such-link')
  await theirs.getByRole('textbox', { name: 'New password' }).fill('dana orrick')
  await theirs.getByRole('button', { name: 'Change password' }).click()
  await expect(theirs.getByText('this link was used or has expired')).toBeVisible()

  await theirs.goto('/login')
  await logInAs(theirs, email)
  await theirs.getByRole('link', { name: 'Account of Dana Orrick' }).click()
  // As if it had been open for long: the server asks, the answer is given, and the change is made.
  let asked = false
  await theirs.route('**/api/second-factor', async (route) => {
    if (asked) return route.continue()
    asked = true
    return route.fulfill({
      status: 403,
      json: { error: { path: 'password', reason: 'Enter your password again.' } },
    })
  })
  await theirs.getByRole('button', { name: 'Set up second factor' }).click()
  const dialog = theirs.getByRole('dialog', { name: 'Your password' })
  await expect(dialog).toBeVisible()
  await expectAccessible(theirs)
  await dialog.getByRole('textbox', { name: 'Password', exact: true }).fill('not this one at all')
  await dialog.getByRole('button', { name: 'Confirm password' }).click()
  await expect(dialog.getByText('This is not your password.')).toBeVisible()
  await dialog.getByRole('textbox', { name: 'Password', exact: true }).fill(PASSWORD)
  await dialog.getByRole('button', { name: 'Confirm password' }).click()
  await expect(theirs.locator('code')).toBeVisible()

  await theirs.getByLabel('Current password').fill('not this one at all')
  await theirs.getByRole('textbox', { name: 'New password' }).fill('another way across the fen')
  await theirs.getByRole('button', { name: 'Change password' }).click()
  await expect(theirs.getByText('This is not your password.')).toBeVisible()
  await theirs.getByLabel('Current password').fill(PASSWORD)
  await theirs.getByRole('button', { name: 'Change password' }).click()
  await expect(theirs.getByRole('status').filter({ hasText: 'The password is changed' })).toBeVisible()
})

test('who has an account logs in before an invitation lets them in', async ({ page, browser }) => {
  await logIn(page)
  const email = someone()
  const theirs = await comeIn(browser, await invite(page, email, 'Practitioner'), 'Ena Holloway')
  await logInAs(theirs, email)
  await expect(theirs.getByRole('heading', { name: 'Unfinished' })).toBeVisible()
  await theirs.getByRole('button', { name: 'Log out', exact: true }).click()
  await page.goto('/team')
  await page.getByRole('button', { name: 'Remove from team: Ena Holloway' }).click()
  await page.getByRole('dialog').getByRole('button', { name: 'Remove from team' }).click()
  // In no team any more: the account cannot log in, and its password is asked for beside the link.
  await theirs.goto(await invite(page, email, 'Student'))
  await theirs.getByLabel('Password of your account').fill(PASSWORD)
  await theirs.getByRole('button', { name: 'Join the team' }).click()
  await expect(theirs.getByRole('heading', { name: 'Log in' })).toBeVisible()
})

for (const width of [390, 768, 1280]) {
  test(`team and account do not scroll sideways at ${width} px`, async ({ page }) => {
    await page.setViewportSize({ width, height: 800 })
    await logIn(page)
    for (const [path, heading] of [
      ['/team', 'People'],
      ['/account', 'Logged-in devices'],
      ['/board', 'Availability'],
    ] as const) {
      await page.goto(path)
      await expect(page.getByRole('heading', { name: heading })).toBeVisible()
      await expectNoSidewaysScroll(page)
    }
  })
}

test('on a phone the look is chosen in the account, and the board lies within the screen', async ({ page }) => {
  await logIn(page)
  await page.setViewportSize({ width: 390, height: 844 })
  await expect(page.getByRole('combobox', { name: 'Theme' })).toHaveCount(0)
  await page.getByRole('link', { name: /^Account of/ }).click()
  await select(page, 'Theme', 'Dark')
  await expect(page.locator('html')).toHaveAttribute('data-look', 'dark')
  await expectNoSidewaysScroll(page)
  await page.getByRole('link', { name: 'Availability' }).click()
  const board = page.getByRole('region', { name: 'Handball: availability' })
  await expect(board.getByRole('row').filter({ hasText: 'cutting' }).first()).toBeVisible()
  expect(await board.evaluate((one) => one.scrollWidth - one.clientWidth)).toBeLessThanOrEqual(0)
  await expectAccessible(page)
})
