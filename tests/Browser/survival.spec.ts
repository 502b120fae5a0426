import { expect, test } from './reading'
import { consentAndClearGate, expectAccessible, goTo, logIn, saved, startExamination } from './person'

test('findings entered while the server is gone are sent when it is back, even after a reload', async ({
  page,
  context,
}) => {
  await logIn(page)
  await startExamination(page, 'Edda Sollund', 'left')
  await consentAndClearGate(page)
  await goTo(page, 'Lachman')
  await saved(page)

  await context.route('**/api/examinations/**/records/**', (route) => route.abort('connectionrefused'))
  await page.keyboard.press(']')
  await page.keyboard.press('3')
  await page.keyboard.press('s')
  await expect(page.getByRole('status', { name: 'Save status' })).toHaveText('Kept on this device, to be sent')
  await page.reload()
  await expect(page.getByRole('heading', { name: 'Lachman', level: 1 })).toBeVisible()
  await expect(page.getByRole('status', { name: 'Save status' })).toHaveText('Kept on this device, to be sent')

  await context.unroute('**/api/examinations/**/records/**')
  await saved(page)
  await page.reload()
  await goTo(page, 'Lachman')
  await expect(page.getByRole('radio', { name: /^clearly/ })).toBeChecked()
  await expect(page.getByRole('region', { name: 'L · hurt knee' }).getByRole('radio', { name: 'soft' })).toBeChecked()
})

test('two tabs on one examination do not overwrite each other silently', async ({ page, context }) => {
  await logIn(page)
  await startExamination(page, 'Jonah Skelwith', 'left')
  await consentAndClearGate(page)
  await goTo(page, 'Lachman')
  await saved(page)
  const second = await context.newPage()
  await second.goto(page.url())
  await goTo(second, 'Lachman')

  await page.keyboard.press('2')
  await saved(page)
  await second.keyboard.press('4')
  const clash = second.getByRole('alert', { name: 'Not saved: Lachman, left knee' })
  await expect(clash).toContainText('changed meanwhile in another tab or by another person')
  await expect(clash.getByRole('row', { name: /Compared with the other knee/ })).toContainText('gross')
  await expect(clash.getByRole('row', { name: /Compared with the other knee/ })).toContainText('slight')
  await expect(second.getByRole('status', { name: 'Save status' })).toHaveText('Not everything is saved')
  await second.reload()
  await goTo(second, 'Lachman')
  await expect(second.getByRole('radio', { name: /^grossly/ })).toBeChecked()
  await clash.getByRole('button', { name: 'Take theirs' }).click()
  await expect(clash).toBeHidden()
  await expect(second.getByRole('radio', { name: /^slightly/ })).toBeChecked()
  await second.keyboard.press('3')
  await saved(second)
  await page.reload()
  await goTo(page, 'Lachman')
  await expect(page.getByRole('radio', { name: /^clearly/ })).toBeChecked()
})

test('answers to different questions from two tabs go together by themselves', async ({ page, context }) => {
  await logIn(page)
  await startExamination(page, 'Edda Sollund', 'right')
  const second = await context.newPage()
  await second.goto(page.url())
  await expect(second.getByRole('heading', { name: 'History', level: 1 })).toBeVisible()
  const pop = (tab: typeof page) => tab.getByRole('radiogroup', { name: 'Did you hear or feel a pop?' })
  const stop = (tab: typeof page) => tab.getByRole('radiogroup', { name: 'Did you have to stop at once?' })
  await pop(page).getByRole('radio', { name: 'yes' }).click()
  await saved(page)
  await stop(second).getByRole('radio', { name: 'no' }).click()
  await expect(second.getByText('both are kept')).toBeVisible()
  await expect(pop(second).getByRole('radio', { name: 'yes' })).toBeChecked()
  await saved(second)
  await pop(page).getByRole('radio', { name: 'no' }).click()
  await saved(page)
  await expect(stop(page).getByRole('radio', { name: 'no' })).toBeChecked()
  await pop(second).getByRole('radio', { name: 'yes' }).click()
  const clash = second.getByRole('alert', { name: 'Not saved: History' })
  await expect(clash).toContainText('Both versions are kept')
  await clash.getByRole('button', { name: 'Take theirs' }).click()
  await expect(pop(second).getByRole('radio', { name: 'no' })).toBeChecked()
})

test('what the server will not take is told, kept over a reload, and let go only by hand', async ({
  page,
  context,
}) => {
  await logIn(page)
  await startExamination(page, 'Petra Vaughn-Idle', 'left')
  await consentAndClearGate(page)
  await goTo(page, 'Posterior sag')
  await context.route('**/records/posterior_sag/left', (route) =>
    route.fulfill({ status: 422, json: { error: { path: 'findings[0].sagSeen', reason: 'no sag today' } } }),
  )
  await page.getByRole('region', { name: 'L · hurt knee' }).getByRole('radio', { name: 'yes' }).click()
  const refusal = page.getByRole('alert', { name: 'Not saved: Posterior sag, left knee' })
  await expect(refusal).toContainText('No sag today')
  await page.reload()
  await goTo(page, 'Lachman')
  await refusal.getByRole('button', { name: 'Open entry' }).click()
  await expect(page.getByRole('region', { name: 'L · hurt knee' }).getByRole('radio', { name: 'yes' })).toBeChecked()
  await context.unroute('**/records/posterior_sag/left')
  await refusal.getByRole('button', { name: 'Try again' }).click()
  await saved(page)
  await page.reload()
  await goTo(page, 'Posterior sag')
  await expect(page.getByRole('region', { name: 'L · hurt knee' }).getByRole('radio', { name: 'yes' })).toBeChecked()
})

test('an answer lost on the way back is neither saved twice nor swallows what was entered since', async ({
  page,
  context,
}) => {
  await logIn(page)
  await startExamination(page, 'Tove Brandreth', 'right')
  await consentAndClearGate(page)
  await goTo(page, 'Lachman')
  await saved(page)
  let lost = 0
  await context.route(
    '**/records/lachman/right',
    async (route) => {
      await route.fetch()
      lost++
      await route.abort('connectionreset')
    },
    { times: 1 },
  )
  await page.keyboard.press(']')
  await page.keyboard.press('2')
  await expect.poll(() => lost).toBe(1)
  await page.keyboard.press('s')
  await saved(page)
  await page.reload()
  await goTo(page, 'Lachman')
  await expect(page.getByRole('radio', { name: /^slightly/ })).toBeChecked()
  await expect(page.getByRole('region', { name: 'R · hurt knee' }).getByRole('radio', { name: 'soft' })).toBeChecked()
})

test('what a closed tab could not send is sent by the next one', async ({ page, context }) => {
  await logIn(page)
  await startExamination(page, 'Oskar Penhale', 'right')
  await consentAndClearGate(page)
  await goTo(page, 'Lachman')
  await saved(page)
  await context.route('**/records/**', (route) => route.abort('connectionrefused'))
  await page.keyboard.press(']')
  await page.keyboard.press('4')
  await expect(page.getByRole('status', { name: 'Save status' })).toHaveText('Kept on this device, to be sent')
  const second = await context.newPage()
  await page.close()
  await context.unroute('**/records/**')
  await second.goto('/')
  await expect(second.getByText('1 entry for Oskar Penhale not sent yet')).toBeVisible()
  await second.getByRole('link', { name: 'Open examination to send' }).click()
  await saved(second)
  await goTo(second, 'Lachman')
  await expect(second.getByRole('radio', { name: /^grossly/ })).toBeChecked()
  await expect(second.getByRole('complementary', { name: 'What it means' })).toContainText('Grade 3')
})

test('a session that ended keeps what is entered, and sends it after a new log-in', async ({ page, context }) => {
  await logIn(page)
  await startExamination(page, 'Wynn Tarbuck', 'right')
  await consentAndClearGate(page)
  await goTo(page, 'Lachman')
  await saved(page)
  await context.clearCookies()
  await page.keyboard.press(']')
  await page.keyboard.press('3')
  await expect(page.getByRole('status', { name: 'Save status' })).toContainText('to send once you are logged in again')
  await page.getByRole('link', { name: 'Log in' }).click()
  await page.getByLabel('E-mail').fill('physio@fenmoor.example')
  await page.getByLabel('Password').fill('gray-compass-demo')
  await page.getByRole('button', { name: 'Log in' }).click()
  await saved(page)
  await goTo(page, 'Lachman')
  await expect(page.getByRole('radio', { name: /^clearly/ })).toBeChecked()
  await expect(page.getByRole('complementary', { name: 'What it means' })).toContainText('Grade 2')
})

test('logging out asks what to do with entries that wait, and keeps them sealed if told so', async ({
  page,
  context,
}) => {
  const asked = page.getByRole('dialog', { name: 'Not everything is sent yet' })
  const logOut = page.getByRole('button', { name: 'Log out' })
  await logIn(page)
  await startExamination(page, 'Bram Okafor-Lund', 'left')
  await consentAndClearGate(page)
  await goTo(page, 'Lachman')
  await saved(page)
  await context.route('**/records/**', (route) => route.abort('connectionrefused'))
  await page.keyboard.press(']')
  await page.keyboard.press('4')
  await expect(page.getByRole('status', { name: 'Save status' })).toHaveText('Kept on this device, to be sent')
  await page.getByRole('link', { name: 'Back to Today' }).click()

  await logOut.click()
  await expect(asked).toBeVisible()
  await expectAccessible(page)
  await asked.getByRole('button', { name: 'Send now and log out' }).click()
  await expect(asked.getByRole('alert')).toContainText('Some entries could not be sent')
  await asked.getByRole('button', { name: 'Keep them on this device' }).click()
  await expect(page.getByRole('heading', { name: 'Log in' })).toBeVisible()
  await logIn(page)
  await expect(page.getByText('1 entry for Bram Okafor-Lund not sent yet')).toBeVisible()

  await context.unroute('**/records/**')
  await logOut.click()
  await asked.getByRole('button', { name: 'Send now and log out' }).click()
  await expect(page.getByRole('heading', { name: 'Log in' })).toBeVisible()
  await logIn(page)
  await expect(page.getByText('not sent yet')).toBeHidden()
})
