import { type Page, expect, test } from './reading'
import {
  assessment,
  chance,
  consentAndClearGate,
  expectAccessible,
  goTo,
  logIn,
  openDemo,
  saved,
  select,
  startExamination,
} from './person'

async function begin(page: Page, athlete: string, side: 'left' | 'right', since?: string): Promise<void> {
  await logIn(page)
  await startExamination(page, athlete, side, since)
}

test('a wholly normal route takes one key for each manoeuvre', async ({ page }) => {
  test.setTimeout(120_000)
  await begin(page, 'Callum Rigg-Mayne', 'right', 'No injury')
  await consentAndClearGate(page)
  await select(page, 'Route', 'Clinic, full')
  await saved(page)
  const route = (await assessment(page)).route.stops.flatMap((stop) => stop.manoeuvres)
  expect(route.length).toBeGreaterThan(60)
  await goTo(page, 'Distal pulse')
  for (const _ of route) await page.keyboard.press('n')
  await expect(page.getByRole('status', { name: 'Save status' })).toHaveText('Saved', { timeout: 90_000 })
  await expect(page.getByRole('img', { name: /^Core set: (\d+) of \1 done/ })).toBeVisible()
  await expect(page.getByRole('button', { name: /^Loaded (\d+)\/\1/ })).toBeVisible()
  expect((await assessment(page)).route.minutesLeft).toBeLessThan(0.01)
  expect(await chance(page, 'acl')).toBeLessThanOrEqual(1)
})

test('both normal keeps what a knee already holds', async ({ page }) => {
  await begin(page, 'Jonah Skelwith', 'left')
  await consentAndClearGate(page)
  await goTo(page, 'Lachman')
  await page.keyboard.press('3')
  await page.keyboard.press('n')
  await expect(page.getByRole('status').filter({ hasText: 'keeps its recorded' })).toHaveText(
    'Lachman: right knee normal; the left knee keeps its recorded finding.',
  )
  await saved(page)
  await goTo(page, 'Lachman')
  await expect(page.getByRole('radio', { name: /^clearly/ })).toBeChecked()
  await expect(page.getByRole('region', { name: 'R · other knee' })).toContainText('normal')
})

test('a foot switch can be given a key, which stays over a reload and can be given back', async ({ page }) => {
  await begin(page, 'Sana Withernsea', 'right')
  await consentAndClearGate(page)
  await goTo(page, 'Distal pulse')
  const dialog = page.getByRole('dialog', { name: 'Keys' })
  await page.keyboard.press('?')
  await dialog.getByRole('button', { name: 'Set keys, or a foot switch' }).click()
  const both = dialog.getByRole('button', { name: 'Set the key for: both knees normal, and on' })
  await both.click()
  await page.keyboard.press('Enter')
  await expect(dialog.getByRole('status')).toHaveText('Space and Enter press what has the focus.')
  await both.click()
  await page.keyboard.press('F9')
  await expect(dialog.getByRole('status')).toHaveText('Set.')
  await expectAccessible(page)
  await page.keyboard.press('Escape')
  await page.keyboard.press('F9')
  await expect(page.getByRole('heading', { level: 1, name: 'Distal pulse' })).toBeHidden()
  await saved(page)
  await page.reload()
  await goTo(page, 'Distal pulse')
  await expect(page.getByRole('region', { name: 'R · hurt knee' })).toContainText('normal')
  await expect(page.getByRole('button', { name: 'Both normal, next' })).toContainText('F9')
  await page.keyboard.press('?')
  await dialog.getByRole('button', { name: 'Restore default keys' }).click()
  await page.keyboard.press('Escape')
  await expect(page.getByRole('button', { name: 'Both normal, next' })).toContainText('N')
})

test('keys move, help opens with ? and stay silent in text fields', async ({ page }) => {
  await begin(page, 'Oskar Penhale', 'left')
  await page.keyboard.press('?')
  await expect(page.getByRole('dialog', { name: 'Keys' })).toBeVisible()
  await page.keyboard.press('n')
  await page.keyboard.press('Escape')
  await expect(page.getByRole('heading', { level: 1, name: 'History' })).toBeVisible()
  await page.keyboard.press('ArrowDown')
  await expect(page.getByRole('heading', { level: 1, name: 'Safety check' })).toBeVisible()
  await page.keyboard.press('PageDown')
  await expect(page.getByRole('heading', { level: 1, name: 'Distal pulse' })).toBeVisible()
  await page.keyboard.press('PageDown')
  await expect(page.getByRole('heading', { level: 1, name: 'Gait' })).toBeVisible()
  await page.keyboard.press('PageUp')
  await page.keyboard.press('/')
  await page.getByRole('combobox', { name: 'Name of the manoeuvre' }).pressSequentially('snap')
  await expect(page.getByText('No manoeuvre has this name.')).toBeVisible()
  await page.keyboard.press('Escape')
  await expect(page.getByRole('heading', { level: 1, name: 'Distal pulse' })).toBeVisible()
})

test('not done is an honest gap in the summary and is not offered again', async ({ page }) => {
  await begin(page, 'Ines Carrowmore', 'left')
  await consentAndClearGate(page)
  await goTo(page, 'Lachman')
  await page.getByRole('group', { name: 'Reason it was not done' }).getByRole('button', { name: 'declined' }).click()
  await saved(page)
  await expect(page.getByRole('region', { name: 'Worth doing next' })).not.toContainText('Lachman')
  await page.getByRole('button', { name: 'Summary' }).click()
  await expect(page.getByRole('region', { name: 'Not answered' })).toContainText('Lachman not done (declined)')
  await page.getByRole('link', { name: 'Back to the bench' }).click()
  await goTo(page, 'Lachman')
  await expect(page.getByRole('region', { name: 'L · hurt knee' })).toContainText('not done: declined')
})

test('a rotated bend is recorded with its own pain and place, and given to that meniscus', async ({ page }) => {
  await begin(page, 'Petra Vaughn-Idle', 'right', 'No injury')
  await consentAndClearGate(page)
  await goTo(page, 'McMurray')
  const before = await chance(page, 'lateral_meniscus')
  const hurt = page.getByRole('region', { name: 'R · hurt knee' })
  const bend = hurt.getByRole('group', { name: 'turned inward, varus' })
  await bend.getByRole('button', { name: 'pain', exact: true }).click()
  await bend.getByRole('radio', { name: 'Pain turned inward, varus 6 of 10' }).click()
  await bend.getByRole('button', { name: 'lateral' }).click()
  await expect(page.getByRole('complementary', { name: 'What it means' })).toContainText('Valid, positive.')
  expect(await chance(page, 'lateral_meniscus')).toBeGreaterThan(before + 5)
  await saved(page)
  await page.reload()
  await goTo(page, 'McMurray')
  await expect(bend.getByRole('radio', { name: 'Pain turned inward, varus 6 of 10' })).toBeChecked()
})

test('hands stay off until consent, and stress tests wait for the gate', async ({ page }) => {
  await begin(page, 'Bram Okafor-Lund', 'right')
  await goTo(page, 'Valgus, 30°')
  await expect(page.getByText('Consent first.')).toBeVisible()
  await goTo(page, 'Posterior sag')
  await expect(page.getByRole('region', { name: 'R · hurt knee' })).toBeVisible()
  await page.getByRole('button', { name: /^History/ }).click()
  await page.getByRole('checkbox', { name: 'Consent given for hands-on' }).click()
  await goTo(page, 'Valgus, 30°')
  await expect(page.getByText('The safety check is not complete yet.')).toBeVisible()
  await page.getByRole('button', { name: /^Safety check/ }).click()
  await page.getByRole('button', { name: 'None of these' }).first().click()
  await goTo(page, 'Valgus, 30°')
  await expect(page.getByRole('region', { name: 'R · hurt knee' })).toBeVisible()
})

test.describe('by touch on a phone', () => {
  test.use({ viewport: { width: 390, height: 800 }, hasTouch: true })

  test('one knee at a time, with the leading chances in view', async ({ page }) => {
    await begin(page, 'Wynn Tarbuck', 'left')
    await page.getByRole('checkbox', { name: 'Consent given for hands-on' }).tap()
    await page.getByRole('button', { name: 'Route', exact: true }).tap()
    await page.getByRole('button', { name: /^Safety check/ }).tap()
    await page.getByRole('button', { name: 'None of these' }).first().tap()
    await page.getByRole('button', { name: 'Route', exact: true }).tap()
    await page.getByRole('button', { name: /^Supine, 20–30°/ }).tap()
    await page.getByRole('button', { name: 'Route', exact: true }).tap()
    await page.getByRole('button', { name: 'Lachman' }).tap()
    await expect(page.getByRole('heading', { level: 1, name: 'Lachman' })).toBeVisible()
    await expect(page.getByRole('region', { name: 'R · other knee' })).toBeVisible()
    await expect(page.getByRole('region', { name: 'L · hurt knee' })).toBeHidden()
    await page.getByRole('button', { name: 'L hurt' }).tap()
    await page.getByRole('radio', { name: /^clearly/ }).tap()
    await expect(page.getByRole('complementary', { name: 'What it means' })).toContainText('Valid, positive.')
    await expect(page.getByRole('list', { name: 'Route and leading chances' })).toContainText('ACL tear')
    await page.getByRole('button', { name: 'Chances' }).tap()
    await expect(page.locator('[data-condition=acl]')).toBeVisible()
    await page.keyboard.press('Escape')
    await expect(page.locator('[data-condition=acl]')).toBeHidden()
  })

  test('every control is large enough for a finger', async ({ page }) => {
    await begin(page, 'Lior Haverstock', 'left')
    await page.getByRole('checkbox', { name: 'Consent given for hands-on' }).tap()
    const small = await page
      .locator('main button:visible')
      .evaluateAll((buttons) =>
        buttons
          .map((button) => ({ name: button.textContent?.trim(), height: button.getBoundingClientRect().height }))
          .filter(({ height }) => height < 43.5),
      )
    expect(small).toEqual([])
  })
})

test('a stop of the gate names its rule in place, and a reason opens it and stays on record', async ({ page }) => {
  await begin(page, 'Bram Okafor-Lund', 'left')
  await page.getByRole('checkbox', { name: 'Consent given for hands-on' }).click()
  await page.getByRole('button', { name: /^Safety check/ }).click()
  await page.getByRole('radiogroup', { name: 'Cannot take four steps' }).getByRole('radio', { name: 'yes' }).click()
  await page.getByRole('radiogroup', { name: 'Locked short of straight' }).getByRole('radio', { name: 'yes' }).click()
  await expect(page.getByText('locked short of straight: do not force it')).toBeVisible()
  const held = page.getByRole('region', { name: 'Withheld' })
  await goTo(page, 'Valgus, 30°')
  await expect(held).toContainText('The fracture rule asks for an X-ray before')
  await page.keyboard.press('n')
  await expect(page.getByText('Valgus, 30° is withheld: nothing was recorded.')).toBeVisible()
  await expect(held.getByRole('button', { name: 'Override with this reason' })).toBeDisabled()
  await held.getByLabel(/give the reason/).fill('X-ray seen by the club doctor')
  await held.getByRole('button', { name: 'Override with this reason' }).click()
  await page.getByRole('radio', { name: /^clearly/ }).click()
  await expect(page.getByRole('complementary', { name: 'What it means' })).toContainText(
    'done despite the safety check',
  )
  await page.getByRole('button', { name: 'Summary' }).click()
  await expect(page.getByRole('region', { name: 'Marked' })).toContainText(
    'done despite the safety check: X-ray seen by the club doctor',
  )
})

test('undo shows what it takes back, and entries from memory are marked', async ({ page }) => {
  await begin(page, 'Callum Rigg-Mayne', 'left', 'No injury')
  await consentAndClearGate(page)
  await goTo(page, 'Lachman')
  await page.keyboard.press('m')
  await page.keyboard.press('3')
  await expect(page.getByRole('region', { name: 'L · hurt knee' })).toContainText('from memory')
  await page.keyboard.press('m')
  await goTo(page, 'Apley')
  await page.keyboard.press('u')
  await expect(page.getByRole('heading', { level: 1, name: 'Lachman' })).toBeVisible()
  await expect(page.getByRole('radio', { name: /^clearly/ })).not.toBeChecked()
  await expect(page.getByText('Undone.')).toBeVisible()
})

test('a check ticked before the measure waits for it, and a check after “normal” takes nothing away', async ({
  page,
}) => {
  await begin(page, 'Oskar Penhale', 'right')
  await consentAndClearGate(page)
  await goTo(page, 'Lachman')
  const hurt = page.getByRole('region', { name: 'R · hurt knee' })
  await hurt.getByRole('button', { name: 'Hamstrings relaxed: no' }).click()
  await hurt.getByText(/^More:/).click()
  await hurt.getByLabel('Note, saved with the finding').fill('tense from the start')
  await page.keyboard.press('Tab')
  await expect(hurt).toContainText('waiting for a measurement')
  await page.reload()
  await goTo(page, 'Lachman')
  await expect(hurt).toContainText('waiting for a measurement')
  await page.keyboard.press('n')
  await saved(page)
  await page.reload()
  await goTo(page, 'Lachman')
  await expect(hurt).toContainText('normal')
  await expect(hurt.getByRole('button', { name: 'Hamstrings relaxed: no' })).toHaveAttribute('aria-pressed', 'true')
  await expect(hurt.getByLabel('Note, saved with the finding')).toHaveValue('tense from the start')
  await expect(page.getByRole('complementary', { name: 'What it means' })).toContainText('Not valid.')
  await hurt.getByRole('button', { name: 'Hamstrings relaxed yes', exact: true }).click()
  await expect(hurt).toContainText('normal')
  await expect(page.getByRole('complementary', { name: 'What it means' })).toContainText('Valid, negative.')
  await goTo(page, 'Anterior drawer')
  await hurt.getByRole('button', { name: 'Foot stayed down yes', exact: true }).click()
  await page.keyboard.press('3')
  await saved(page)
  await page.keyboard.press('u')
  await expect(hurt).toContainText('waiting for a measurement')
  await expect(hurt.getByRole('button', { name: 'Foot stayed down yes', exact: true })).toHaveAttribute(
    'aria-pressed',
    'true',
  )
  await saved(page)
})

test('a finding that the gate closes on later stays, marked', async ({ page }) => {
  await begin(page, 'Edda Sollund', 'right')
  await consentAndClearGate(page)
  await goTo(page, 'Pivot shift')
  await page.keyboard.press('n')
  await saved(page)
  await page.getByRole('button', { name: /^Safety check/ }).click()
  await page.getByRole('radiogroup', { name: 'Pain of 7 or more at rest' }).getByRole('radio', { name: 'yes' }).click()
  await saved(page)
  await goTo(page, 'Pivot shift')
  await expect(page.getByRole('region', { name: 'R · hurt knee' })).toContainText('recorded before the safety check')
  await expect(page.getByRole('region', { name: 'Withheld' })).toContainText('Pain of 7 or more at rest')
  await page.getByRole('button', { name: 'Summary' }).click()
  await expect(page.getByRole('region', { name: 'Marked' })).toContainText(
    'Pivot shift recorded before the safety check',
  )
})

test('the route on screen follows the choice, its time limit, and what is done', async ({ page }) => {
  await begin(page, 'Ines Carrowmore', 'right', 'Longer ago')
  const rail = page.getByRole('navigation', { name: 'Route of the examination' })
  await select(page, 'Route', 'Focus: menisci')
  await expect(rail.getByRole('button', { name: /^Prone 0\/1/ })).toBeVisible()
  const left = async () => Number(/([\d.]+) min left/.exec((await rail.getByRole('status').textContent()) ?? '')?.[1])
  const whole = await left()
  await select(page, 'Time limit', '8 min')
  await expect.poll(left).toBeLessThanOrEqual(8)
  expect(whole).toBeGreaterThan(8)
  await expect(rail.getByText(/left out for time/)).toBeVisible()
  await page.getByRole('checkbox', { name: 'Consent given for hands-on' }).click()
  await goTo(page, 'Distal pulse')
  const before = await left()
  await page.keyboard.press('n')
  await expect.poll(left).toBeLessThan(before)
})

test('every check of the Lachman stands on one line, level between the knees, above the fold', async ({ page }) => {
  await begin(page, 'Jonah Skelwith', 'left', 'No injury')
  await consentAndClearGate(page)
  await goTo(page, 'Lachman')
  const fold = (await page.getByRole('complementary', { name: 'What it means' }).boundingBox())!.y
  const checks = ['Foot stayed down', 'Femur held still', 'Hamstrings relaxed', 'Slack taken up first']
  for (const check of [...checks, 'Started from neutral']) {
    const [other, hurt] = [
      page.getByRole('group', { name: check }).first(),
      page.getByRole('group', { name: check }).last(),
    ]
    await expect(page.getByRole('group', { name: check })).toHaveCount(2)
    const [left, right] = [(await other.boundingBox())!, (await hurt.boundingBox())!]
    expect(left.y).toBe(right.y)
    expect(left.height).toBeLessThan(32)
    expect(left.y + left.height).toBeLessThanOrEqual(fold)
  }
})

test('bends are dragged on the arc, tender points tapped on the drawing', async ({ page }) => {
  await begin(page, 'Jonah Skelwith', 'left', 'No injury')
  await page.getByRole('checkbox', { name: 'Consent given for hands-on' }).click()
  await goTo(page, 'Flexion range')
  const hurt = page.getByRole('region', { name: 'L · hurt knee' })
  const arc = (await hurt.getByTestId('arc').boundingBox())!
  const joint = (await hurt.getByTestId('joint').boundingBox())!
  const [x, y] = [joint.x + joint.width / 2, joint.y + joint.height / 2]
  await page.mouse.move(x + arc.width / 4, y)
  await page.mouse.down()
  await page.mouse.move(x, arc.y + arc.height - 12, { steps: 4 })
  await page.mouse.up()
  await expect(hurt.getByRole('slider', { name: /Flexion/ })).toHaveAttribute('aria-valuenow', '90')
  await hurt.getByRole('slider', { name: /Flexion/ }).press('ArrowRight')
  await expect(hurt.getByRole('slider', { name: /Flexion/ })).toHaveAttribute('aria-valuenow', '91')
  await goTo(page, 'Joint line palpation')
  const before = await chance(page, 'medial_meniscus')
  await hurt.getByRole('button', { name: 'medial back' }).click()
  await hurt
    .getByRole('radiogroup', { name: /^Pinpoint/ })
    .getByRole('radio', { name: 'yes' })
    .click()
  await expect.poll(() => chance(page, 'medial_meniscus')).toBeGreaterThan(before)
  await goTo(page, 'Landmark palpation')
  await hurt.getByRole('button', { name: 'medial epicondyle' }).click()
  await expect(page.getByRole('complementary', { name: 'What it means' })).toContainText('MCL sprain')
  await goTo(page, 'Effusion sweep')
  await hurt.getByRole('radio', { name: /^bulge/ }).click()
  await expect(page.getByRole('complementary', { name: 'What it means' })).toContainText('Valid, positive.')
})

test('the chain of evidence answers the tempting mistake with this knee’s numbers', async ({ page }) => {
  await logIn(page)
  await openDemo(page, 'Mirre Aldous')
  await page.locator('[data-condition=acl]').click()
  const chain = page.getByRole('dialog', { name: 'ACL tear' })
  await expect(chain).toContainText('94 % specific, so 94 % sure')
  await expect(chain).toContainText('in 100')
  await expect(chain).toContainText('not yet checked against the paper')
  await expect(chain).toContainText('A chance, not a diagnosis.')
  await page.keyboard.press('Escape')
  await expect(chain).toBeHidden()
})
