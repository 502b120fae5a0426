import { type ChildProcess, spawn } from 'node:child_process'
import { readFileSync } from 'node:fs'
import { type Page, expect, test } from './reading'
import { SLOWLY, prepared } from './device'
import {
  assessment,
  consent,
  consentAndClearGate,
  expectAccessible,
  goTo,
  logIn,
  saved,
  select,
  startExamination,
} from './person'

const { FPM_PID, NGINX_PID, INSTANCE = '' } = process.env
const started: ChildProcess[] = []

test.skip(!FPM_PID || !NGINX_PID, 'only where bin/test says which processes serve')
test.afterAll(() => started.forEach((server) => server.kill('SIGTERM')))

/** A server and its workers, without a moment to say goodbye. */
function kill(pid: string): void {
  const workers = readFileSync(`/proc/${pid}/task/${pid}/children`, 'utf8').trim().split(' ').filter(Boolean)
  for (const one of [pid, ...workers]) process.kill(Number(one), 'SIGKILL')
}

function startAgain(program: string, ...options: string[]): string {
  const server = spawn(program, options, { stdio: 'ignore' })
  started.push(server)
  return String(server.pid)
}

/** Process id of the web server that runs now. */
let nginx = NGINX_PID!

function startNginx(): void {
  nginx = startAgain('/usr/sbin/nginx', '-p', INSTANCE, '-c', `${INSTANCE}/nginx.conf`, '-g', 'daemon off;')
}

async function expectGrade(page: Page, band: RegExp, grade: string): Promise<void> {
  await page.reload()
  await goTo(page, 'Lachman')
  await expect(page.getByRole('radio', { name: band })).toBeChecked()
  await expect(page.getByRole('complementary', { name: 'What it means' })).toContainText(grade)
}

test('the application can be installed', async ({ page, context }) => {
  await logIn(page)
  await page.evaluate(() => navigator.serviceWorker.ready.then(() => true))
  await page.reload()
  const browser = await context.newCDPSession(page)
  // Each test has a window of its own that keeps nothing, which is the one thing against it here.
  const { installabilityErrors: against } = await browser.send('Page.getInstallabilityErrors')
  expect(against.filter(({ errorId }) => errorId !== 'in-incognito')).toEqual([])
  expect((await browser.send('Page.getAppManifest')).errors).toEqual([])
})

test('with the web server gone the application opens, goes on with drafts, and sends when it is back', async ({
  page,
  context,
}) => {
  const hurt = page.getByRole('region', { name: 'L · hurt knee' })
  const relaxed = hurt.getByRole('button', { name: 'Hamstrings relaxed yes', exact: true })
  const state = page.getByRole('status', { name: 'Save status' })
  await logIn(page)
  await page.evaluate(() => navigator.serviceWorker.ready.then(() => true))
  await startExamination(page, 'Edda Sollund', 'left')
  await consentAndClearGate(page)
  await goTo(page, 'Lachman')
  await saved(page)

  kill(nginx)
  await relaxed.click()
  await page.reload()
  await expect(state).toHaveText('Offline: working from this device')
  await goTo(page, 'Lachman')
  await expect(relaxed).toHaveAttribute('aria-pressed', 'true')
  await page.keyboard.press(']')
  await page.keyboard.press('3')
  await page.keyboard.press('s')
  await expect(state).toHaveText('Kept on this device, to be sent')
  await page.reload()
  await goTo(page, 'Lachman')
  await expect(page.getByRole('radio', { name: /^clearly/ })).toBeChecked()
  await expect(relaxed).toHaveAttribute('aria-pressed', 'true')

  await page.getByRole('link', { name: 'Back to Today' }).click()
  await expect(page.getByText(/Offline: the list of/)).toBeVisible()
  await expect(page.getByText('2 entries for Edda Sollund not sent yet')).toBeVisible()
  const stranger = await context.newPage()
  await stranger.goto('/')
  await expect(stranger.getByRole('heading', { name: 'The server cannot be reached' })).toBeVisible()
  await expectAccessible(stranger)
  await page.getByRole('link', { name: 'Open examination to send' }).click()
  await expect(state).toHaveText('Kept on this device, to be sent')

  startNginx()
  await saved(page)
  await expectGrade(page, /^clearly/, 'Grade 2')
  await expect(relaxed).toHaveAttribute('aria-pressed', 'true')
  await expect(stranger.getByRole('heading', { name: 'Unfinished' })).toBeVisible()
})

test.describe('on a device that judges by itself', () => {
  test.use({ judgeOnDevice: true, actionTimeout: 60_000, viewport: { width: 390, height: 800 }, hasTouch: true })

  test('with the web server gone an athlete is examined, and a lost pulse is an emergency', async ({ page }) => {
    test.setTimeout(240_000)
    const state = page.getByRole('status', { name: 'Save status' })
    await logIn(page)
    await prepared(page)

    kill(nginx)
    await page.reload()
    await page.getByRole('searchbox').fill('aldo')
    await page.getByRole('button', { name: 'Examine Mirre Aldous' }).tap()
    await select(page, 'Which route?', 'Touchline: can they go on?')
    await page.getByRole('button', { name: 'left knee hurt' }).tap()
    await expect(page.getByText('Started on this device.')).toBeVisible(SLOWLY)
    await consent(page)
    await page.getByRole('button', { name: 'Next', exact: true }).tap()
    await page
      .getByRole('radiogroup', { name: /pulse|feeling/i })
      .getByRole('radio', { name: 'yes' })
      .tap()
    await expect(page.getByText('Judged on this device. 3 entries wait for the server.')).toBeVisible(SLOWLY)
    await expect(page.getByText(/Emergency/).first()).toBeVisible()

    startNginx()
    await expect(state).toHaveText('Saved', SLOWLY)
    const { safety } = await assessment(page)
    expect(safety.lines[0]?.urgency).toBe('emergency')
  })
})

test('an application that is killed and started again loses nothing', async ({ page }) => {
  await logIn(page)
  await startExamination(page, 'Lior Haverstock', 'right')
  await consentAndClearGate(page)
  await goTo(page, 'Lachman')
  await saved(page)

  kill(FPM_PID!)
  await page.keyboard.press(']')
  await page.keyboard.press('4')
  await page.keyboard.press('a')
  await expect(page.getByRole('status', { name: 'Save status' })).toHaveText('Kept on this device, to be sent')

  startAgain('/usr/sbin/php-fpm8.2', '-F', ...(process.getuid?.() === 0 ? ['-R'] : []), '-y', `${INSTANCE}/fpm.conf`)
  await saved(page)
  await expectGrade(page, /^grossly/, 'Grade 3')
})
