import { execFileSync } from 'node:child_process'
import { type Page, expect, test } from './reading'
import { consentAndClearGate, expectAccessible, goTo, logIn, saved, startExamination } from './person'

/** Tells the stand-in of the instrument what to do. */
function device(...words: string[]): void {
  execFileSync('bin/device', words)
}

test.afterEach(() => device('kind=arthrometer', 'day=well', 'knee=sound', 'slow=1'))

async function begin(page: Page, manoeuvre: string): Promise<void> {
  await logIn(page)
  await startExamination(page, 'Jonah Skelwith', 'left')
  await consentAndClearGate(page)
  await goTo(page, manoeuvre)
}

const measuring = (page: Page, kind: string) => page.getByRole('dialog', { name: `Measure with the ${kind}` })

async function pulled(page: Page, kind: string, knee: string, done: number): Promise<void> {
  await expect(measuring(page, kind).getByRole('button', { name: `${knee} ${done} of 3 done` })).toBeVisible()
}

test('three pulls of each knee become the record, which shows its pulls again', async ({ page }) => {
  await begin(page, 'Arthrometer')
  await page.getByRole('button', { name: 'Measure with the arthrometer' }).click()
  const dialog = measuring(page, 'arthrometer')
  await expect(dialog.getByRole('status').filter({ hasText: 'SIM-1: connected' })).toBeVisible()
  for (let done = 1; done <= 3; done++) {
    device('knee=sound', 'pull')
    await pulled(page, 'arthrometer', 'Right knee', done)
  }
  device('knee=guarded', 'pull')
  await expect(dialog.getByText('muscles held, not counted')).toBeVisible()
  await pulled(page, 'arthrometer', 'Left knee', 0)
  for (let done = 1; done <= 3; done++) {
    device('knee=torn', 'pull')
    await pulled(page, 'arthrometer', 'Left knee', done)
  }
  await expectAccessible(page)
  await dialog.getByRole('button', { name: 'Use these figures' }).click()
  const hurt = page.getByRole('region', { name: 'L · hurt knee' })
  await expect(hurt).toContainText('By arthrometer, Fenmoor pull meter, SIM-1, 3 pulls')
  await expect(page.getByText('Valid, positive.')).toBeVisible()
  await saved(page)
  await page.reload()
  await hurt.getByText('Show the pulls').click()
  await expect(hurt.getByRole('img', { name: 'Force over displacement: 7 pulls' })).toBeVisible()
  // A figure that is entered by hand is nothing that the instrument said.
  await hurt.getByRole('slider', { name: /^Translation/ }).focus()
  await page.keyboard.type('7')
  await page.keyboard.press('Enter')
  await expect(hurt).not.toContainText('By arthrometer')
  await saved(page)
})

test('every bad day of an instrument is told, and a pull that lost samples does not count', async ({ page }) => {
  await begin(page, 'Arthrometer')
  await page.getByRole('button', { name: 'Measure with the arthrometer' }).click()
  const dialog = measuring(page, 'arthrometer')
  const told = async (day: string, words: RegExp) => {
    device(`day=${day}`)
    await expect(dialog.getByText(words)).toBeVisible()
  }
  await told('silent', /connected, but it sends nothing/)
  await told('twice', /Two instruments answer at this address: SIM-1 and SIM-2/)
  device('day=well')
  await dialog.getByRole('button', { name: 'Connect again' }).click()
  await told('units', /its units are in; newtons and millimetres are expected/)
  await told('off', /No instrument answers at/)
  device('day=well')
  await dialog.getByRole('button', { name: 'Connect again' }).click()
  await expect(dialog.getByText('SIM-1: connected.')).toBeVisible()
  device('day=nan', 'pull')
  await expect(dialog.getByText(/some of its samples cannot be read/)).toBeVisible()
  device('day=stuttering', 'pull')
  await expect(
    dialog.getByText(/samples were lost, not counted|too short or too weak, not counted/).first(),
  ).toBeVisible()
  device('kind=dynamometer', 'day=well')
  await expect(dialog.getByText(/Fenmoor force meter answers here, but an arthrometer is needed/)).toBeVisible()
  await dialog.getByRole('button', { name: 'Cancel' }).click()
  await expect(page.getByRole('region', { name: 'L · hurt knee' })).not.toContainText('By arthrometer')
})

test('the dynamometer gives the ratio of the sides and the torque for body mass', async ({ page }) => {
  device('kind=dynamometer')
  await begin(page, 'Resisted extension')
  await page.getByRole('button', { name: 'Measure with the dynamometer' }).click()
  const dialog = measuring(page, 'dynamometer')
  await dialog.getByRole('textbox', { name: 'Knee to pad' }).fill('30')
  await dialog.getByRole('textbox', { name: 'Body mass' }).fill('72')
  await page.keyboard.press('Tab')
  for (const [knee, newtons] of [
    ['Right knee', 400],
    ['Left knee', 300],
  ] as const)
    for (let done = 1; done <= 3; done++) {
      device(`newtons=${newtons}`, 'pull')
      await pulled(page, 'dynamometer', knee, done)
    }
  await expect(dialog.getByRole('row', { name: /^Peak/ })).toContainText(/7[3-7] %/)
  await expect(dialog.getByRole('row', { name: /^Torque/ })).toContainText('N·m/kg')
  await dialog.getByRole('button', { name: 'Use these figures' }).click()
  await expect(page.getByRole('region', { name: 'L · hurt knee' })).toContainText(/3 pulls, ±.*N, 1\.[23]\d N·m\/kg/)
})

test.describe('the sensor of the device', () => {
  test.use({ hasTouch: true, isMobile: true, viewport: { width: 820, height: 1180 } })

  /** Holds the device so for a while, with the tremor of a hand. */
  async function hold(page: Page, beta: number, ms: number): Promise<void> {
    await page.evaluate(
      async ([lie, length]) => {
        for (let at = 0; at < length!; at += 50) {
          const tremor = 0.2 * Math.sin(at)
          window.dispatchEvent(
            new DeviceOrientationEvent('deviceorientation', { alpha: 0, beta: lie! + tremor, gamma: 1 }),
          )
          await new Promise((later) => setTimeout(later, 50))
        }
      },
      [beta, ms],
    )
  }

  test('an angle is taken by two holds of a second, and keeps its tremor', async ({ page }) => {
    await begin(page, 'Flexion range')
    const hurt = page.getByRole('region', { name: 'L · hurt knee' })
    await hurt.getByRole('button', { name: 'Measure by sensor' }).click()
    const dialog = page.getByRole('dialog', { name: /^Measure by sensor: Flexion/ })
    await expect(dialog.getByText(/^Lay the device on the thigh/)).toBeVisible()
    await hold(page, 10, 2200)
    await expect(dialog.getByText(/^Zero is set/)).toBeVisible()
    for (let beta = 10; beta > -110; beta -= 12) await hold(page, beta, 50)
    await hold(page, -110, 2200)
    await expect(dialog.getByText(/^Measured/)).toBeVisible()
    await expectAccessible(page)
    await dialog.getByRole('button', { name: /^Use 1(19|20|21)°$/ }).click()
    await expect(hurt).toContainText(/By sensor, ±.*°/)
    await saved(page)
  })

  test('a device without a sensor says so, and the angle is entered by hand', async ({ page }) => {
    await begin(page, 'Flexion range')
    await page
      .getByRole('region', { name: 'R · other knee' })
      .getByRole('button', { name: 'Measure by sensor' })
      .click()
    await expect(page.getByText(/This device reports no orientation/)).toBeVisible()
    await page.keyboard.press('Escape')
    await expect(page.getByRole('dialog')).toHaveCount(0)
  })
})
