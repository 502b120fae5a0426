import { expect, test } from './reading'
import { chance, consentAndClearGate, goTo, logIn, saved, startExamination } from './person'

test('one athlete from log-in to summary and reload', async ({ page }) => {
  await logIn(page)
  await startExamination(page, 'Tove Brandreth', 'left')
  const before = await chance(page, 'acl')

  await page
    .getByRole('group', { name: 'How it happened' })
    .getByRole('checkbox', { name: 'twist on the planted foot' })
    .click()
  await page
    .getByRole('radiogroup', { name: 'Did you hear or feel a pop?' })
    .getByRole('radio', { name: 'yes' })
    .click()
  await expect.poll(() => chance(page, 'acl')).toBeGreaterThan(before)
  const afterStory = await chance(page, 'acl')
  await consentAndClearGate(page)

  await goTo(page, 'Posterior sag')
  await page.getByRole('button', { name: 'Both normal, next' }).click()
  await goTo(page, 'Lachman')
  const other = page.getByRole('region', { name: 'R · other knee' })
  const hurt = page.getByRole('region', { name: 'L · hurt knee' })
  await other.getByRole('slider', { name: /Translation/ }).press('3')
  await page.keyboard.press('Enter')
  await other.getByRole('radio', { name: 'firm' }).click()
  await hurt.getByRole('slider', { name: /Translation/ }).focus()
  await page.keyboard.type('10')
  await page.keyboard.press('Enter')
  await hurt.getByRole('radio', { name: 'soft' }).click()

  const meaning = page.getByRole('complementary', { name: 'What it means' })
  await expect(meaning).toContainText('+7')
  await expect(meaning).toContainText('Grade 2')
  await expect(meaning).toContainText('Valid, positive.')
  const after = await chance(page, 'acl')
  expect(after).toBeGreaterThan(afterStory + 10)

  await goTo(page, 'Anterior drawer')
  await page.getByRole('radio', { name: /^clearly/ }).click()
  await hurt.getByRole('button', { name: 'Foot stayed down: no' }).click()
  await expect(meaning).toContainText('Not valid.')
  await expect(meaning).toContainText('The foot lifted or slid')

  await saved(page)
  await page.getByRole('button', { name: 'Summary' }).click()
  await expect(
    page.getByRole('region', { name: /^Probabilities/ }).getByRole('row', { name: /^ACL tear/ }),
  ).toContainText('act')
  await expect(page.getByRole('region', { name: 'Not valid, with the reason' })).toContainText(
    'The foot lifted or slid',
  )

  await page.reload()
  await expect(page.getByRole('row', { name: /^Lachman/ })).toContainText('+7 mm')
  await page.getByRole('link', { name: 'Back to the bench' }).click()
  await goTo(page, 'Lachman')
  await expect(hurt.getByRole('slider', { name: /Translation/ })).toHaveAttribute('aria-valuetext', '10 mm')
  await expect(hurt.getByRole('radio', { name: 'soft' })).toBeChecked()
  expect(await chance(page, 'acl')).toBe(after)
})

test('a positive Lachman on both knees takes these six keys', async ({ page }) => {
  await logIn(page)
  await startExamination(page, 'Oskar Penhale', 'right')
  await consentAndClearGate(page)
  await goTo(page, 'Lachman')
  for (const key of ['[', 'f', ']', '3', 's', 'c']) await page.keyboard.press(key)
  await expect(page.getByRole('complementary', { name: 'What it means' })).toContainText('Valid, positive.')
  await expect(page.getByRole('complementary', { name: 'What it means' })).toContainText('Grade 2')
  await page.keyboard.press('u')
  await expect(page.getByRole('button', { name: 'Foot stayed down yes', exact: true }).last()).toHaveAttribute(
    'aria-pressed',
    'false',
  )
})

test('a knee that may be broken shuts the gate, and an override stays marked', async ({ page }) => {
  await logIn(page)
  await startExamination(page, 'Petra Vaughn-Idle', 'left', 'Today')
  await page.getByRole('checkbox', { name: 'Consent given for hands-on' }).click()
  await page.getByRole('button', { name: /^Safety check/ }).click()
  await page.getByRole('radiogroup', { name: 'Cannot take four steps' }).getByRole('radio', { name: 'yes' }).click()
  await expect(page.getByText('The fracture rule asks for an X-ray before')).toBeVisible()
  // Once all is answered, the screen does not say that no test waits.
  await page.getByRole('button', { name: 'None of these' }).first().click()
  await expect(page.getByText('Complete. Some tests are withheld; each says why.')).toBeVisible()
  await goTo(page, 'Pivot shift')
  await expect(page.getByText('Withheld by the safety check.')).toBeVisible()
  await page.getByLabel('give the reason').fill('surgeon asked, under anaesthesia')
  await page.getByRole('button', { name: 'Override with this reason' }).click()
  await page.getByRole('region', { name: 'L · hurt knee' }).getByRole('radio', { name: 'clunk' }).click()
  await expect(page.getByRole('complementary', { name: 'What it means' })).toContainText(
    'done despite the safety check',
  )
})

test('nobody sees a record without logging in', async ({ page }) => {
  await page.goto('/examinations/01ARZ3NDEKTSV4RRFFQ69G5FAV')
  await expect(page.getByRole('heading', { name: 'Log in' })).toBeVisible()
  expect((await page.request.get('/api/today')).status()).toBe(401)
})

test('an answer of the safety check moves no question while it is on its way, however long that takes', async ({
  page,
  context,
}) => {
  await logIn(page)
  await startExamination(page, 'Oskar Penhale', 'left')
  await page.getByRole('button', { name: /^Safety check/ }).click()
  await expect(page.getByRole('heading', { level: 1, name: 'Safety check' })).toBeVisible()
  await saved(page)
  await context.route('**/sections/safety', async (route) => {
    await new Promise((done) => setTimeout(done, 1_600))
    await route.continue()
  })
  const question = page.getByRole('radiogroup', { name: 'Deformed', exact: true })
  await question.evaluate((group) => {
    const places = new Set<number>()
    Object.assign(window, { places })
    const look = (): void => {
      places.add(Math.round(group.getBoundingClientRect().top))
      requestAnimationFrame(look)
    }
    look()
  })
  await question.getByRole('radio', { name: 'no' }).click()
  await expect(page.getByText('1 entry not judged yet')).toBeVisible()
  await expect(page.getByRole('button', { name: /^Safety check 1\/8/ })).toBeVisible()
  await saved(page)
  expect(await page.evaluate(() => [...(window as unknown as { places: Set<number> }).places])).toHaveLength(1)
})
