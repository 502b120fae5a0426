import { type Browser, type Page, expect, test } from './reading'
import { expectAccessible, expectNoSidewaysScroll, logIn, pressOn, reach, startExamination } from './person'

// A student proposes a result and what became of something; the person who answers for it takes one over and turns one down.
test('what a student enters waits for someone who answers for it', async ({ browser }: { browser: Browser }) => {
  const student = await (await browser.newContext()).newPage()
  await logIn(student, 'student@fenmoor.example')
  await startExamination(student, 'Edda Sollund', 'right')
  await student.goto('/')
  await student.getByRole('link', { name: 'Edda Sollund', exact: true }).click()

  await student.getByRole('button', { name: 'Propose a result' }).click()
  const dialog = student.getByRole('dialog')
  await dialog.getByText('Each structure').click()
  await dialog.getByRole('radiogroup', { name: 'ACL tear' }).getByRole('radio', { name: 'Found', exact: true }).click()
  await dialog.getByRole('button', { name: 'Save result' }).click()
  await expect(student.getByText('Proposed. It counts once')).toBeVisible()
  await expect(student.getByText('MRI, ')).toContainText('ACL tear')
  await expect(student.getByText('Confirmed')).toHaveCount(0)

  const note = `Ring the ward ${Date.now()}`
  await student.getByRole('textbox', { name: 'Task' }).fill(note)
  await student.getByRole('button', { name: 'Propose task' }).click()
  await expect(student.getByText(note)).toBeVisible()
  await expectAccessible(student)

  const lead = await (await browser.newContext({ viewport: { width: 390, height: 844 }, hasTouch: true })).newPage()
  await logIn(lead)
  await expect(lead.getByRole('heading', { name: 'Proposed by students' })).toBeVisible()
  await expectNoSidewaysScroll(lead)
  await expectAccessible(lead)
  await takeOver(lead, /^Accept: MRI, .*ACL tear/)
  await lead.getByRole('button', { name: `Decline: ${note}` }).tap()
  await lead.getByRole('button', { name: 'Decline proposal' }).tap()
  await expect(lead.getByText('Enter the reason for declining it.')).toBeVisible()
  await lead.getByLabel(/^Why, for Nell/).fill('they ring us')
  await lead.getByRole('button', { name: 'Decline proposal' }).tap()
  await expect(lead.getByText(note)).toHaveCount(0)
  await lead.getByRole('link', { name: 'Edda Sollund', exact: true }).click()
  await expect(lead.getByRole('row', { name: /ACL tear: found/ })).toBeVisible()

  await student.reload()
  await expect(student.getByText('they ring us')).toBeVisible()
  await expect(student.getByText(/^Accepted by Ada/)).toBeVisible()
})

async function takeOver(page: Page, name: RegExp): Promise<void> {
  await page.getByRole('button', { name }).tap()
  await expect(page.getByText('Accepted. It is recorded as if you had entered it.')).toBeVisible()
}

test('proposing and deciding go by the keys alone', async ({ page, browser }) => {
  const note = `Weigh him again ${Date.now()}`
  await logIn(page, 'student@fenmoor.example')
  await startExamination(page, 'Jonah Skelwith', 'right')
  await page.goto('/')
  await page.getByRole('link', { name: 'Jonah Skelwith', exact: true }).press('Enter')
  await reach(page, 'textbox', 'Task')
  await page.keyboard.type(note)
  await pressOn(page, 'Propose task')
  await expect(page.getByText(note)).toBeVisible()

  const lead = await (await browser.newContext()).newPage()
  await logIn(lead)
  await pressOn(lead, new RegExp(`^Decline: ${note}`))
  await expect(lead.getByLabel(/^Why, for Nell/)).toBeFocused()
  await lead.keyboard.press('Escape')
  await expect(lead.getByRole('dialog')).toHaveCount(0)
  await expect(lead.getByRole('button', { name: new RegExp(`^Decline: ${note}`) })).toBeFocused()
  await lead.keyboard.press('Enter')
  await expect(lead.getByLabel(/^Why, for Nell/)).toBeFocused()
  await lead.keyboard.type('done on Monday')
  await pressOn(lead, 'Decline proposal')
  await expect(lead.getByText(note)).toHaveCount(0)

  await page.reload()
  await expect(page.getByText('done on Monday')).toBeVisible()
})
