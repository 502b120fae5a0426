import { execFileSync } from 'node:child_process'
import { expect, test } from './reading'
import { consentAndClearGate, goTo, logIn, saved, startExamination } from './person'

/** The words of a PDF, as the application's own reader of PDF files finds them. */
function textOf(file: string): string {
  const read = 'require "vendor/autoload.php"; echo (new Smalot\\PdfParser\\Parser)->parseFile($argv[1])->getText();'
  return execFileSync('php', ['-r', read, file], { encoding: 'utf8' }).replace(/\s+/g, ' ')
}

test('the summary holds the whole plan, is printed as it stands, and signs for good', async ({ page, context }) => {
  await context.grantPermissions(['clipboard-read', 'clipboard-write'])
  await logIn(page)
  await startExamination(page, 'Tove Brandreth', 'left')
  await consentAndClearGate(page)
  await page.getByRole('button', { name: /^History/ }).click()
  await page.getByRole('checkbox', { name: 'Coach may be told' }).click()
  await goTo(page, 'Posterior sag')
  await page.keyboard.press('n')
  await goTo(page, 'Lachman')
  await page.keyboard.press('3')
  await page.keyboard.press('s')
  await saved(page)
  await goTo(page, 'Pivot shift')
  await page.getByRole('group', { name: 'Reason it was not done' }).getByRole('button', { name: 'pain' }).click()
  await goTo(page, 'Anterior drawer')
  await page.keyboard.press('m')
  await page.keyboard.press('3')
  await page
    .getByRole('region', { name: 'L · hurt knee' })
    .getByRole('button', { name: 'Foot stayed down: no' })
    .click()
  await saved(page)
  await page.getByRole('button', { name: 'Summary' }).click()

  const plan = page.getByRole('region', { name: 'Plan' })
  await expect(plan).toContainText('Within two weeks: a knee surgeon')
  await expect(plan).toContainText('Availability')
  await expect(page.getByRole('region', { name: 'For the athlete' })).toContainText(
    'These are chances, not a diagnosis.',
  )
  await expect(page.getByRole('region', { name: 'For the coach' })).toContainText('Out.')
  await page.getByRole('button', { name: 'Copy: Note for the letter' }).click()
  await expect.poll(() => page.evaluate(() => navigator.clipboard.readText())).toContain('ACL tear')

  const [pdf] = await Promise.all([
    page.waitForEvent('download'),
    page
      .getByRole('link', { name: 'PDF' })
      .evaluate((link) => link.setAttribute('download', ''))
      .then(() => page.getByRole('link', { name: 'PDF' }).click()),
  ])
  const text = textOf(await pdf.path())
  for (const words of [
    'Tove Brandreth',
    'DRAFT, not signed',
    'ACL tear',
    'Lachman',
    'The foot lifted or slid',
    'Pivot shift not done (too painful)',
    'Positive: Lachman',
    'Negative: Posterior sag',
    'Anterior drawer: entered from memory',
    'Within two weeks',
    'These are chances, not a diagnosis.',
    'Out.',
    'more than the other knee',
    'cautious figures',
    'Chances, not a diagnosis.',
  ]) {
    expect(text).toContain(words)
  }

  await page.emulateMedia({ media: 'print' })
  await expect(page.getByRole('link', { name: 'PDF' })).toBeHidden()
  await expect(page.getByRole('heading', { name: 'Probabilities out of 100 similar knees' })).toBeVisible()
  await page.emulateMedia({ media: null })

  await page.getByRole('button', { name: 'Sign…' }).click()
  await page.getByRole('dialog', { name: 'Sign examination' }).getByRole('button', { name: 'Sign examination' }).click()
  await expect(page.getByText(/signed by Ada Thornquist on \d+ /)).toBeVisible()
  await expect(page.getByRole('link', { name: 'Back to the bench' })).toBeHidden()
  const id = /examinations\/([\w-]+)/.exec(page.url())?.[1]
  await page.goto(`/examinations/${id}`)
  await expect(page.getByRole('heading', { name: 'Both knees' })).toBeVisible()
  const status = await page.evaluate(async (examination) => {
    const csrf = ((await (await fetch('/api/me')).json()) as { csrf: string }).csrf
    const answer = await fetch(`/api/examinations/${examination}/records/lachman/left`, {
      method: 'PUT',
      headers: { 'Content-Type': 'application/json', Accept: 'application/json', 'X-CSRF-TOKEN': csrf },
      body: JSON.stringify({ key: crypto.randomUUID(), version: 2, payload: { normal: true } }),
    })
    return answer.status
  }, id)
  expect(status).toBe(423)
})
