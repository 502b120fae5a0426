import { type Locator, type Page, expect, test } from './reading'
import { assessment } from './person'

const MOST_TABS = 200

/** By the Tab key alone, as often as it takes. */
async function tabTo(page: Page, target: Locator): Promise<void> {
  await expect(target).toBeVisible()
  for (let pressed = 0; pressed < MOST_TABS; pressed++) {
    if (await target.evaluate((element) => element.contains(document.activeElement))) return
    await page.keyboard.press('Tab')
  }
  throw new Error(`Not reached with ${MOST_TABS} tabs: ${target.toString()}`)
}

async function enter(page: Page, target: Locator): Promise<void> {
  await tabTo(page, target)
  await page.keyboard.press('Enter')
}

async function wholeCoreSet(page: Page): Promise<void> {
  await expect(page.getByRole('status', { name: 'Save status' })).toHaveText('Saved', { timeout: 90_000 })
  await expect(page.getByRole('img', { name: /^Core set: (\d+) of \1 done/ })).toBeAttached()
}

test('the core route from log-in to signature by keyboard alone', async ({ page }) => {
  test.setTimeout(180_000)
  await page.goto('/')
  await tabTo(page, page.getByLabel('E-mail'))
  await page.keyboard.type('physio@fenmoor.example')
  await tabTo(page, page.getByLabel('Password'))
  await page.keyboard.type('gray-compass-demo')
  await page.keyboard.press('Enter')
  await expect(page.getByRole('heading', { name: 'Unfinished' })).toBeVisible()

  await enter(page, page.getByRole('button', { name: 'Examine Jonah Skelwith' }))
  await tabTo(page, page.getByRole('radiogroup', { name: 'When was it hurt?' }))
  const injured = page.getByRole('radio', { name: 'Within a week', exact: true })
  const isThere = () => injured.evaluate((one) => one === document.activeElement)
  for (let steps = 0; steps < 8 && !(await isThere()); steps++) await page.keyboard.press('ArrowRight')
  await page.keyboard.press('Space')
  await expect(injured).toBeChecked()
  await enter(page, page.getByRole('button', { name: 'left knee hurt' }))

  await expect(page.getByRole('heading', { name: 'History', level: 1 })).toBeVisible()
  await tabTo(page, page.getByRole('radiogroup', { name: 'Did you hear or feel a pop?' }))
  await page.keyboard.press('Space')
  await tabTo(page, page.getByRole('checkbox', { name: 'Consent given for hands-on' }))
  await page.keyboard.press('Space')
  await page.keyboard.press('F9')
  await expect(page.getByRole('heading', { name: 'Safety check', level: 1 })).toBeVisible()
  await enter(page, page.getByRole('button', { name: 'None of these' }).first())
  await expect(page.getByText('Complete. No answer here')).toBeVisible()

  await page.keyboard.press('F9')
  for (const id of (await assessment(page)).route.stops.flatMap((stop) => stop.manoeuvres)) {
    if (id === 'lachman') for (const key of [']', 'c', '3', 's']) await page.keyboard.press(key)
    await page.keyboard.press('n')
  }
  await wholeCoreSet(page)
  const judged = await assessment(page)
  expect(judged.conditions.find(({ id }) => id === 'acl')?.posttest).toBeGreaterThan(0.2)

  await enter(page, page.getByRole('button', { name: 'Summary' }))
  await expect(page.getByRole('heading', { name: 'Both knees' })).toBeVisible()
  await enter(page, page.getByRole('button', { name: 'Sign…' }))
  await enter(page, page.getByRole('button', { name: 'Sign examination' }))
  await expect(page.getByText(/signed by Ada Thornquist on \d+ /)).toBeVisible()
})

test.describe('with a finger alone', () => {
  test.use({ viewport: { width: 820, height: 1180 }, hasTouch: true, isMobile: true })

  test('the core route from log-in to signature by touch alone', async ({ page }) => {
    test.setTimeout(180_000)
    await page.goto('/')
    await page.getByLabel('E-mail').fill('physio@fenmoor.example')
    await page.getByLabel('Password').fill('gray-compass-demo')
    await page.getByRole('button', { name: 'Log in' }).tap()
    await page.getByRole('button', { name: 'Examine Petra Vaughn-Idle' }).tap()
    await page.getByRole('radio', { name: 'Within a week', exact: true }).tap()
    await page.getByRole('button', { name: 'right knee hurt' }).tap()
    await page.getByRole('checkbox', { name: 'Consent given for hands-on' }).tap()
    await page.getByRole('button', { name: /^Safety check/ }).tap()
    await page.getByRole('button', { name: 'None of these' }).first().tap()
    await expect(page.getByText('Complete. No answer here')).toBeVisible()
    await page.getByRole('button', { name: 'Next', exact: true }).tap()

    const route = (await assessment(page)).route.stops.flatMap((stop) => stop.manoeuvres)
    const hurt = page.getByRole('region', { name: 'R · hurt knee' })
    for (const id of route) {
      if (id === 'lachman') {
        await hurt.getByRole('button', { name: 'Foot stayed down yes' }).tap()
        await page.getByRole('radio', { name: /^clearly/ }).tap()
      }
      if (id === 'joint_line_palpation') await hurt.getByRole('button', { name: 'medial back' }).tap()
      await page.getByRole('button', { name: /^Both normal, next/ }).tap()
    }
    await wholeCoreSet(page)
    await page.getByRole('button', { name: 'Summary' }).tap()
    await page.getByRole('button', { name: 'Sign…' }).tap()
    await page.getByRole('button', { name: 'Sign examination' }).tap()
    await expect(page.getByText(/signed by Ada Thornquist on \d+ /)).toBeVisible()
  })
})
