import { type Page, expect, test } from './reading'
import {
  consentAndClearGate,
  expectAccessible,
  expectNoSidewaysScroll,
  goTo,
  logIn,
  pressOn,
  startExamination,
} from './person'

/** From a signed examination to a letter that has left, and to the page that the athlete takes along. */
async function signedLooseKnee(page: Page, athlete: string): Promise<string> {
  await logIn(page)
  await startExamination(page, athlete, 'right')
  await consentAndClearGate(page)
  await goTo(page, 'Lachman')
  const id = /examinations\/([\w-]+)/.exec(page.url())![1]!
  const { csrf } = (await (await page.request.get('/api/me')).json()) as { csrf: string }
  const headers = { 'X-CSRF-TOKEN': csrf, Accept: 'application/json' }
  const loose = { differenceBand: 'clear', endFeel: 'soft', checks: { hamstringsRelaxed: true } }
  const found = { key: `letters ${id}`, version: 0, payload: loose }
  expect((await page.request.put(`/api/examinations/${id}/records/lachman/right`, { headers, data: found })).ok()).toBe(
    true,
  )
  const { revision } = (await (await page.request.get(`/api/examinations/${id}`)).json()) as { revision: number }
  expect((await page.request.post(`/api/examinations/${id}/signature`, { headers, data: { revision } })).ok()).toBe(
    true,
  )
  await page.goto(`/examinations/${id}/summary`)
  return id
}

test('a letter is proposed, changed, and handed over where no mail leaves; its versions stay', async ({ page }) => {
  await signedLooseKnee(page, 'Maud Sheepwash')
  await page.getByRole('button', { name: 'Write a letter' }).click()
  await page.getByRole('combobox', { name: 'From the address book' }).click()
  await page.getByRole('option', { name: /^Dr Ines Falkner/ }).click()
  await page.getByRole('button', { name: 'Write letter', exact: true }).click()
  const text = page.getByRole('textbox', { name: 'Text' })
  await expect(text).toHaveValue(/^Dear Dr Ines Falkner,\n\nI saw Maud Sheepwash .*Question: /s)
  await expectAccessible(page)
  await text.fill(`${await text.inputValue()}\nShe plays on Saturday.`)
  await page.getByRole('button', { name: 'Save letter' }).click()
  await expect(page.getByText('Draft, version 2')).toBeVisible()
  await expect(page.getByText('This server sends no mail.')).toBeVisible()
  await page.getByRole('button', { name: 'Hand over…' }).click()
  const dialog = page.getByRole('dialog')
  await expect(dialog.getByText('This server sends no mail')).toBeVisible()
  await expect(dialog.getByRole('link', { name: 'Open PDF to print' })).toBeVisible()
  await expect(dialog.getByRole('checkbox').first()).toBeChecked()
  await expectAccessible(page)
  await dialog.getByRole('button', { name: 'Record as handed over' }).click()
  await expect(page.getByText(/^Sent by hand or post on /)).toBeVisible()
  await expect(page.getByRole('textbox', { name: 'Text' })).toHaveCount(0)
  await page.getByRole('button', { name: 'Earlier versions: 1' }).click()
  await expect(page.getByRole('heading', { name: /^Version 1/ })).toBeVisible()

  await page.goto('/')
  await expect(page.getByText('Maud Sheepwash').first()).toBeVisible()
})

test('what is typed is saved when one leaves, a draft is discarded and taken back', async ({ page }) => {
  const id = await signedLooseKnee(page, 'Gethin Moorcroft')
  await page.getByRole('button', { name: 'Write a letter' }).click()
  await page.getByRole('button', { name: 'Write letter', exact: true }).click()
  const text = page.getByRole('textbox', { name: 'Text' })
  await text.fill('Only this.')
  await page.getByRole('link', { name: 'The examination' }).click()
  await page.getByRole('link', { name: /^No recipient yet/ }).click()
  await expect(text).toHaveValue('Only this.')
  await page.getByRole('button', { name: 'Discard draft' }).click()
  await page.getByRole('button', { name: 'Restore' }).click()
  await expect(text).toHaveValue('Only this.')
  await page.setViewportSize({ width: 390, height: 844 })
  await expectNoSidewaysScroll(page)
  await page.goto(`/examinations/${id}/athlete`)
  await expect(page.getByRole('img', { name: 'Your right knee from above' })).toBeVisible()
  await expectNoSidewaysScroll(page)
  await expectAccessible(page)
})

test('the athlete’s page opens for the person who has its code, says no name, and closes', async ({
  page,
  browser,
}) => {
  const id = await signedLooseKnee(page, 'Wynn Tarbuck')
  await page.goto(`/examinations/${id}/athlete`)
  await expect(page.getByRole('button', { name: 'Create code' })).toHaveCount(0)
  await page.goto('/team')
  await page.getByText(/Athletes may be given a code/).click()
  await page.getByRole('button', { name: 'Save settings' }).click()
  await expect(page.getByText('The team settings are saved.')).toBeVisible()
  await page.goto(`/examinations/${id}/athlete`)
  await page.getByRole('button', { name: 'Create code' }).click()
  await expect(page.getByRole('img', { name: 'A code that opens this page' })).toBeVisible()
  const address = (await page.getByText(/\/page#/).textContent())!.trim().replace(/^.*?(http)/s, '$1')
  const stranger = await (await browser.newContext()).newPage()
  await stranger.goto(address)
  await expect(stranger.getByRole('heading', { name: 'What we found' })).toBeVisible()
  expect(await stranger.content()).not.toMatch(/Tarbuck|Fenmoor/)
  await expect(stranger.locator('main')).toHaveCSS('max-width', '680px')
  await page.getByRole('button', { name: 'Close code' }).click()
  await expect(page.getByText('No code is open.')).toBeVisible()
  await stranger.reload()
  await expect(stranger.getByText('This page is not open any more.')).toBeVisible()
})

test('an athlete reads the page in German, beside the English, until it is reviewed and after', async ({
  page,
  browser,
}) => {
  const id = await signedLooseKnee(page, 'Callum Rigg-Mayne')
  const { athlete: of } = (await (await page.request.get(`/api/examinations/${id}`)).json()) as {
    athlete: { id: string }
  }
  await page.goto(`/athletes/${of.id}`)
  await page.getByRole('button', { name: 'Edit details' }).click()
  await page.getByText('More details').click()
  await page.getByRole('combobox', { name: 'Language of the athlete’s page' }).click()
  await page.getByRole('option', { name: 'German' }).click()
  await page.getByRole('button', { name: 'Save details' }).click()
  await expect(page.getByText('Page language')).toBeVisible()
  await page.goto(`/examinations/${id}/athlete`)
  await expect(page.getByRole('heading', { name: 'Was wir gefunden haben' })).toBeVisible()
  await expect(page.getByText('What we found.', { exact: true })).toBeVisible()
  await expect(page.getByText(/noch keine Fachperson geprüft/)).toBeVisible()
  await expectAccessible(page)
  await expectNoSidewaysScroll(page)
  await page.goto('/team')
  await page.getByText('Translations of the athlete’s page').click()
  await page.getByText('German: reviewed by a clinician who speaks it').click()
  const shares = page.getByRole('checkbox', { name: /Athletes may be given a code/ })
  if (!(await shares.isChecked())) await page.getByText(/Athletes may be given a code/).click()
  await page.getByRole('button', { name: 'Save settings' }).click()
  await expect(page.getByText('The team settings are saved.')).toBeVisible()
  await page.goto(`/examinations/${id}/athlete`)
  await page.getByRole('button', { name: 'Create code' }).click()
  const address = (await page.getByText(/\/page#/).textContent())!.trim().replace(/^.*?(http)/s, '$1')
  const athlete = await (await browser.newContext()).newPage()
  await athlete.goto(address)
  await expect(athlete.getByRole('heading', { name: 'Was wir gefunden haben' })).toBeVisible()
  await expect(athlete.locator('html')).toHaveAttribute('lang', 'de')
  await expect(athlete.getByText(/noch keine Fachperson geprüft/)).toHaveCount(0)
})

test('what is to be sent on is written about in one tap from the first screen', async ({ page }) => {
  await logIn(page)
  await page.getByRole('button', { name: /^Kaia Linnell, right knee\s*Within days/ }).click()
  await page.getByRole('dialog').getByRole('button', { name: 'Write a letter' }).click()
  await page.getByRole('button', { name: 'Write letter', exact: true }).click()
  await expect(page.getByRole('heading', { name: 'Letter about Kaia Linnell' })).toBeVisible()
  await expect(page.getByRole('textbox', { name: 'Text' })).toHaveValue(/X-ray/)
})

test('two people in one letter, one of them without a mouse: neither overwrites the other', async ({
  page,
  browser,
}) => {
  await signedLooseKnee(page, 'Una Blackstone')
  await page.getByRole('button', { name: 'Write a letter' }).click()
  await page.getByRole('button', { name: 'Write letter', exact: true }).click()
  const ours = page.getByRole('textbox', { name: 'Text' })
  await expect(ours).toBeVisible()
  const other = await (await browser.newContext()).newPage()
  await logIn(other)
  await other.goto(page.url())
  const theirs = other.getByRole('textbox', { name: 'Text' })
  await theirs.focus()
  await other.keyboard.press('Control+A')
  await other.keyboard.type('Theirs.')
  await pressOn(other, 'Save letter')
  await expect(other.getByText('Draft, version 2')).toBeVisible()

  await ours.fill('Ours.')
  await page.getByRole('button', { name: 'Save letter' }).click()
  await expect(page.getByRole('alert')).toContainText('Another version was saved meanwhile (version 2).')
  await expect(page.getByRole('alert')).toContainText('Theirs.')
  await expect(ours).toHaveValue('Ours.')
  await expectAccessible(page)
  await page.getByRole('button', { name: 'Keep mine' }).click()
  await expect(page.getByText('Draft, version 3')).toBeVisible()
  await other.reload()
  await expect(theirs).toHaveValue('Ours.')
  await pressOn(other, 'Earlier versions: 2')
  await expect(other.getByText('Theirs.')).toBeVisible()
})
