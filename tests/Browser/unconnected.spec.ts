import type { Assessment } from '../../web/src/contract/types'
import { type Page, expect, test } from './reading'
import { assessment, consent, logIn, select } from './person'

test.use({ judgeOnDevice: true, viewport: { width: 390, height: 800 }, hasTouch: true })
// The core is 13 MB of WebAssembly, which a busy machine takes its time to read.
test.describe.configure({ timeout: 240_000 })

const SLOWLY = { timeout: 60_000 }

/** Until the judge is on this device, and has been started once. */
async function ready(page: Page): Promise<void> {
  await page.waitForFunction(async () => (await (await caches.open('judge')).keys()).length >= 4, null, SLOWLY)
}

async function startTouchline(page: Page, athlete: string): Promise<void> {
  await page.getByRole('button', { name: `Examine ${athlete}` }).tap()
  await select(page, 'Which route?', 'Touchline: can they go on?')
  await page.getByRole('button', { name: 'left knee hurt' }).tap()
  await expect(page.getByRole('heading', { level: 1, name: 'Ask' })).toBeVisible()
}

/** The network is cut: nothing reaches the server, and the browser knows it. */
async function cut(page: Page): Promise<void> {
  await page.context().setOffline(true)
}

async function connect(page: Page): Promise<void> {
  await page.context().setOffline(false)
  await expect(page.getByRole('status', { name: 'Save status' })).toHaveText('Saved', SLOWLY)
}

/** Numbers to eleven places: a browser's last place may differ from the server's. */
function rounded(judged: Assessment): unknown {
  return JSON.parse(JSON.stringify(judged), (_, value: unknown) =>
    typeof value === 'number' ? Number(value.toPrecision(11)) : value,
  )
}

test('a lost pulse raises the emergency on the device, and the server says the same later', async ({ page }) => {
  await logIn(page)
  await ready(page)
  await startTouchline(page, 'Tove Brandreth')
  await consent(page)
  await expect(page.getByRole('status', { name: 'Save status' })).toHaveText('Saved')
  await cut(page)
  await page.getByRole('radio', { name: '15 min' }).tap()
  await expect(page.getByText('Judged on this device. 1 entry waits for the server.')).toBeVisible(SLOWLY)
  await page.getByRole('button', { name: 'Next', exact: true }).tap()
  await page
    .getByRole('radiogroup', { name: /pulse|feeling/i })
    .getByRole('radio', { name: 'yes' })
    .tap()
  await expect(page.getByText('Judged on this device. 2 entries wait for the server.')).toBeVisible(SLOWLY)
  await expect(page.getByText(/Emergency/).first()).toBeVisible()
  await page.getByRole('button', { name: 'See the answer' }).tap()
  await expect(page.getByText('Stop', { exact: false }).first()).toBeVisible()
  await page.getByRole('link', { name: 'Emergency hand-over' }).tap()
  await expect(page.getByRole('heading', { name: 'Pulse at the foot' })).toBeVisible()
  await connect(page)
  expect((await assessment(page)).safety.lines[0]?.urgency).toBe('emergency')
})

test('a whole touchline without a network comes to the answer that the server gives too', async ({ page }) => {
  await logIn(page)
  await ready(page)
  await startTouchline(page, 'Wynn Tarbuck')
  await consent(page)
  await expect(page.getByRole('status', { name: 'Save status' })).toHaveText('Saved')
  await cut(page)
  await page.getByRole('radio', { name: '15 min' }).tap()
  await page.getByRole('button', { name: 'None of these' }).tap()
  await page.getByRole('radio', { name: 'Pain now 2 of 10' }).tap()
  await page.getByRole('button', { name: 'Next', exact: true }).tap()
  await page.getByRole('button', { name: 'None of these' }).tap()
  await page.getByRole('button', { name: 'Next', exact: true }).tap()
  while ((await page.getByRole('heading', { name: 'Going on today?' }).count()) === 0)
    await page.getByRole('button', { name: /^Normal, (?!but)/ }).tap()
  await expect(page.getByRole('region', { name: 'Judged on this device' })).toBeVisible(SLOWLY)
  const verdict = page.getByRole('region', { name: /continue/ })
  await expect(verdict).toContainText('May continue')
  const here = await verdict.innerText()
  await page.reload()
  await expect(page.getByRole('region', { name: 'Judged on this device' })).toBeVisible(SLOWLY)
  await connect(page)
  await expect(page.getByRole('region', { name: 'Judged on this device' })).toBeHidden(SLOWLY)
  // A device that starts slowly opens at the first open step: the answer is found again from there.
  while ((await page.getByRole('heading', { name: 'Going on today?' }).count()) === 0)
    await page.getByRole('button', { name: 'Next', exact: true }).tap()
  expect(await page.getByRole('region', { name: /continue/ }).innerText()).toBe(here)
  expect((await assessment(page)).plan.play).toBe('may_continue')
})

test('the page itself may not compile WebAssembly; the worker says the same as the server', async ({ page }) => {
  await logIn(page)
  await ready(page)
  const compiles = await page.evaluate(() =>
    WebAssembly.compile(Uint8Array.of(0, 97, 115, 109, 1, 0, 0, 0)).then(
      () => 'compiled',
      (error: Error) => error.name,
    ),
  )
  expect(compiles).toBe('CompileError')
  await page.goto('/account')
  await expect(page.getByText('Works without a network: ready')).toBeVisible()
  await page.goto('/')
  await startTouchline(page, 'Jonah Skelwith')
  await consent(page)
  await expect(page.getByRole('status', { name: 'Save status' })).toHaveText('Saved')
  const id = /examinations\/([\w-]+)/.exec(page.url())![1]
  const { document, told } = await page.evaluate(async (examination) => {
    const answer = await (await fetch(`/api/examinations/${examination}`)).json()
    const parts = Object.fromEntries(
      (answer.sections as { name: string; payload: object }[]).map(({ name, payload }) => [name, payload]),
    )
    const { frame, ...sections } = parts
    const { format, version } = answer.basis
    return {
      document: { format, version, id: answer.id, examinedAt: answer.examinedAt, ...frame, ...sections, findings: [] },
      told: answer.assessment,
    }
  }, id)
  const here = await page.evaluate(async (assess) => {
    const cache = await caches.open('judge')
    const manifest = await (await cache.match('/judge/manifest.json'))!.json()
    const script = (await cache.keys()).map(({ url }) => url).find((url) => /judge-[^/]+\.js$/.test(url))!
    const worker = new Worker(script, { type: 'module' })
    const answered = (asked: object): Promise<{ answer?: string; failed?: string }> =>
      new Promise((accept) => {
        worker.onmessage = ({ data }) => accept(data)
        worker.postMessage(asked)
      })
    await answered({ start: { binary: manifest.binary, archive: manifest.archive } })
    const { answer, failed } = await answered({ id: 1, question: JSON.stringify({ assess }) })
    worker.terminate()
    return failed ?? (JSON.parse(answer!).assessment as Record<string, unknown>)
  }, document)
  const { weighing: _, ...judged } = here as Record<string, unknown>
  expect(rounded(judged as unknown as Assessment)).toEqual(rounded(told as Assessment))
})
