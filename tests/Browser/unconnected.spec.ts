import { execFileSync } from 'node:child_process'
import { readdirSync } from 'node:fs'
import type { Assessment, Examination } from '../../web/src/contract/types'
import { SLOWLY, kept, keptNames, prepared } from './device'
import { type Page, expect, test } from './reading'
import { assessment, chance, consent, consentAndClearGate, goTo, logIn, select, startExamination } from './person'

test.use({ actionTimeout: 60_000, judgeOnDevice: true, viewport: { width: 390, height: 800 }, hasTouch: true })
// The core is 13 MB of WebAssembly, which a busy machine takes its time to read.
test.describe.configure({ timeout: 240_000 })

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
function rounded(judged: unknown): unknown {
  return JSON.parse(JSON.stringify(judged), (_, value: unknown) =>
    typeof value === 'number' ? Number(value.toPrecision(11)) : value,
  )
}

test('a lost pulse raises the emergency on the device, and the server says the same later', async ({ page }) => {
  await logIn(page)
  await prepared(page)
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
  await prepared(page)
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
  await prepared(page)
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
  const onDevice = async (assess: object) => {
    const cache = await caches.open('judge')
    const manifest = await (await cache.match('/judge/manifest.json'))!.json()
    const script = (await cache.keys()).map(({ url }) => url).find((url) => /judge-[^/]+\.js$/.test(url))!
    const worker = new Worker(script, { type: 'module' })
    const answered = (asked: object): Promise<{ answer?: string; failed?: string; isRestored?: boolean }> =>
      new Promise((accept) => {
        worker.onmessage = ({ data }) => accept(data)
        worker.postMessage(asked)
      })
    const isRestored = (await answered({ start: { binary: manifest.binary, archive: manifest.archive } })).isRestored
    const { answer, failed } = await answered({ id: 1, question: JSON.stringify({ assess }) })
    worker.terminate()
    return { isRestored, failed, assessment: failed ? null : JSON.parse(answer!).assessment }
  }
  // A worker keeps its memory once nothing was asked of it for a while; on a busy machine the application's own was asked.
  await page.evaluate(leaveWorkerIdle)
  await expect
    .poll(async () => (await kept(page)).filter((path) => path.startsWith('/judge/image/')), SLOWLY)
    .toHaveLength(2)
  for (const isRestored of [true, false]) {
    if (!isRestored) await page.evaluate(dropImages)
    const here = await page.evaluate(onDevice, document)
    expect([here.isRestored, here.failed]).toEqual([isRestored, undefined])
    const { weighing: _, ...judged } = here.assessment
    expect(rounded(judged)).toEqual(rounded(told as Assessment))
  }
})

async function leaveWorkerIdle(): Promise<void> {
  const cache = await caches.open('judge')
  const { binary, archive } = await (await cache.match('/judge/manifest.json'))!.json()
  const script = (await cache.keys()).map(({ url }) => url).find((url) => /judge-[^/]+\.js$/.test(url))!
  const worker = new Worker(script, { type: 'module' })
  Object.assign(window, { worker })
  worker.postMessage({ start: { binary, archive } })
}

async function dropImages(): Promise<void> {
  const cache = await caches.open('judge')
  for (const { url } of await cache.keys()) if (url.includes('/judge/image/')) await cache.delete(url)
}

/** Id of the examination on screen. */
function examinationOn(page: Page): string {
  return /examinations\/([\w-]+)/.exec(page.url())![1]!
}

test('an athlete of the list and a new one are examined without the server, and stored once it is back', async ({
  page,
}) => {
  await logIn(page)
  await prepared(page)
  await cut(page)
  await page.getByRole('searchbox').fill('aldo')
  await expect(page.getByText(/^Offline: the list of/)).toBeVisible()
  await page.getByRole('button', { name: 'Examine Mirre Aldous' }).tap()
  await select(page, 'Which route?', 'Touchline: can they go on?')
  await page.getByRole('button', { name: 'right knee hurt' }).tap()
  await expect(page.getByRole('heading', { level: 1, name: 'Ask' })).toBeVisible(SLOWLY)
  await expect(page.getByText('Started on this device.')).toBeVisible()
  const listed = examinationOn(page)
  await consent(page)
  await page.getByRole('button', { name: 'Next', exact: true }).tap()
  await page
    .getByRole('radiogroup', { name: /pulse|feeling/i })
    .getByRole('radio', { name: 'yes' })
    .tap()
  await expect(page.getByText('Judged on this device. 3 entries wait for the server.')).toBeVisible(SLOWLY)
  await expect(page.getByText(/Emergency/).first()).toBeVisible()
  await page.reload()
  await expect(page.getByText(/Emergency/).first()).toBeVisible(SLOWLY)

  await page.goto('/')
  await page.getByRole('button', { name: 'New athlete' }).tap()
  await page.getByRole('textbox', { name: 'Name', exact: true }).fill('Tilda Marrow')
  await page.getByLabel('Birth date').fill('2004-03-02')
  await page.getByLabel('Squad', { exact: true }).fill('Judo')
  await page.getByRole('button', { name: 'Add and examine' }).click()
  await expect(page.getByText(/^Offline: Tilda Marrow is added together/)).toBeVisible()
  await page.getByRole('button', { name: 'left knee hurt' }).tap()
  await expect(page.getByRole('heading', { level: 1, name: 'History' })).toBeVisible(SLOWLY)
  const added = examinationOn(page)
  await page.getByRole('link', { name: /Today/ }).first().tap()
  await expect(page.getByText('1 entry for Tilda Marrow not sent yet')).toBeVisible()

  await page.context().setOffline(false)
  await page.goto(`/examinations/${added}`)
  await expect(page.getByRole('status', { name: 'Save status' })).toHaveText('Saved', SLOWLY)
  await page.goto(`/examinations/${listed}/touchline`)
  await expect(page.getByRole('status', { name: 'Save status' })).toHaveText('Saved', SLOWLY)
  await expect(page.getByText('Started on this device.')).toBeHidden(SLOWLY)
  expect((await assessment(page)).safety.lines[0]?.urgency).toBe('emergency')
  const { athlete } = await (await page.request.get(`/api/examinations/${added}`)).json()
  expect([athlete.name, athlete.squad]).toEqual(['Tilda Marrow', 'Judo'])
})

test('a knee is looked at again without the server, with the earlier visits of its injury', async ({ page }) => {
  await page.setViewportSize({ width: 1280, height: 800 })
  await logIn(page)
  await prepared(page)
  await page.getByRole('searchbox').fill('undercliff')
  await page.getByRole('link', { name: 'Freya Undercliff' }).first().click()
  await expect(page.getByRole('heading', { level: 1, name: 'Freya Undercliff' })).toBeVisible()
  const athlete = /athletes\/(\w+)/.exec(page.url())![1]
  await expect.poll(() => page.evaluate(keptNames, [`shelf/past/${athlete}`]), SLOWLY).toBe(true)
  await cut(page)
  await page.goto('/')
  await page.getByRole('searchbox').fill('undercliff')
  await page.getByRole('button', { name: 'Examine Freya Undercliff' }).click()
  await page.getByRole('button', { name: /^Right knee of / }).click()
  await expect(page.getByText('Earlier visits and results of Freya Undercliff as of')).toBeVisible(SLOWLY)
  await consentAndClearGate(page)
  await expect(page.getByText(/Judged on this device/).first()).toBeVisible(SLOWLY)
  // Of a knee that nobody has touched today.
  await expect.poll(() => chance(page, 'acl'), SLOWLY).toBeGreaterThan(60)
  const here = await chance(page, 'acl')
  await connect(page)
  await expect(page.getByText(/Judged on this device/)).toHaveCount(0)
  expect(await chance(page, 'acl')).toBe(here)
  const carried = (await assessment(page)).results.filter(({ carriedFrom }) => carriedFrom)
  expect(carried.map(({ finding }) => finding)).toContain('lachman')
})

test('chances are weighed up and varied without the server', async ({ page }) => {
  await logIn(page)
  await prepared(page)
  await cut(page)
  await page.goto('/arithmetic')
  await expect(page.getByText('Calculated on this device: the server did not answer.')).toBeVisible(SLOWLY)
  const chance = page.locator('.big')
  const before = await chance.innerText()
  await page.getByRole('radio', { name: 'negative' }).first().click()
  await expect(chance).not.toHaveText(before)
  const here = await chance.innerText()
  await page.context().setOffline(false)
  await page.getByRole('radio', { name: 'positive' }).first().click()
  await expect(chance).toHaveText(before)
  await page.getByRole('radio', { name: 'negative' }).first().click()
  await expect(page.getByText('Calculated on this device: the server did not answer.')).toBeHidden()
  await expect(chance).toHaveText(here)
})

test('a line that flaps loses, doubles and reorders no entry, and each tap has its verdict', async ({ page }) => {
  await logIn(page)
  await prepared(page)
  await startTouchline(page, 'Tove Brandreth')
  await expect(page.getByRole('status', { name: 'Save status' })).toHaveText('Saved')
  const id = examinationOn(page)
  // Up for half a second, down for three; of ten requests three are lost, one after the server has taken it.
  let sent = 0
  await page.route('**/api/**', async (route) => {
    if (Date.now() % 3_500 > 500) return route.abort('internetdisconnected')
    sent++
    if (sent % 10 < 2) return route.abort('connectionreset')
    if (sent % 10 === 2) await route.fetch()
    return sent % 10 === 2 ? route.abort('connectionreset') : route.continue()
  })
  await consent(page)
  await page.getByRole('radio', { name: '15 min' }).tap()
  await page.getByRole('button', { name: 'None of these' }).tap()
  await page.getByRole('radio', { name: 'Pain now 2 of 10' }).tap()
  await page.getByRole('button', { name: 'Next', exact: true }).tap()
  await page.getByRole('button', { name: 'None of these' }).tap()
  await page.getByRole('button', { name: 'Next', exact: true }).tap()
  while ((await page.getByRole('heading', { name: 'Going on today?' }).count()) === 0)
    await page.getByRole('button', { name: /^Normal, (?!but)/ }).tap()
  const verdict = page.getByRole('region', { name: /continue/ })
  await expect(verdict).toContainText('May continue', SLOWLY)
  const here = await verdict.innerText()
  await page.unroute('**/api/**')
  await expect(page.getByRole('status', { name: 'Save status' })).toHaveText('Saved', SLOWLY)
  expect(await verdict.innerText()).toBe(here)
  const { sections, records } = await (await page.request.get(`/api/examinations/${id}`)).json()
  // Answers are changed as they come; what was measured once stands once.
  expect(new Set(records.map(({ version }: { version: number }) => version))).toEqual(new Set([1]))
  expect(sections.find(({ name }: { name: string }) => name === 'history').payload.painNow).toBe(2)
  expect((await assessment(page)).plan.play).toBe('may_continue')
})

test('what a colleague’s answer withholds meanwhile is told, kept, and recorded for a reason', async ({ page }) => {
  await logIn(page)
  await prepared(page)
  await page.setViewportSize({ width: 1280, height: 800 })
  await startExamination(page, 'Edda Sollund', 'left')
  await consentAndClearGate(page)
  await goTo(page, 'Lachman')
  await expect(page.getByRole('status', { name: 'Save status' })).toHaveText('Saved')
  const id = examinationOn(page)
  await cut(page)
  const hurt = page.getByRole('region', { name: 'L · hurt knee' })
  await hurt.getByRole('button', { name: 'Hamstrings relaxed yes', exact: true }).click()
  await page.keyboard.press('3')
  await expect(page.getByText('judged on this device')).toBeVisible(SLOWLY)
  await expect(page.getByRole('complementary', { name: 'What it means' })).toContainText('Valid, positive.')

  const open = (await (await page.request.get(`/api/examinations/${id}`)).json()) as Examination
  const safety = open.sections.find(({ name }) => name === 'safety')!
  const { csrf } = await (await page.request.get('/api/me')).json()
  const told = await page.request.put(`/api/examinations/${id}/sections/safety`, {
    headers: { 'X-CSRF-TOKEN': csrf },
    data: {
      key: crypto.randomUUID(),
      version: safety.version,
      known: {},
      payload: { ...safety.payload, cannotTakeFourSteps: true },
    },
  })
  expect(told.status()).toBe(200)

  await page.context().setOffline(false)
  const stopped = page.getByRole('alert', { name: /Not saved/ })
  await expect(stopped).toBeVisible(SLOWLY)
  await stopped.getByRole('textbox').fill('the surgeon asked for it')
  await stopped.getByRole('button', { name: /^Record/ }).click()
  await expect(page.getByRole('status', { name: 'Save status' })).toHaveText('Saved', SLOWLY)
  const after = (await (await page.request.get(`/api/examinations/${id}`)).json()) as Examination
  expect(after.records.find(({ manoeuvre }) => manoeuvre === 'lachman')?.payload).toMatchObject({
    override: 'the surgeon asked for it',
  })
})

test('a new tab opens without the server by the password, and by no other', async ({ page }) => {
  await logIn(page)
  await prepared(page)
  await cut(page)
  const later = await page.context().newPage()
  await later.goto('/')
  await later.getByLabel('E-mail').fill('physio@fenmoor.example')
  await later.getByLabel('Password').fill('not the password')
  await later.getByRole('button', { name: 'Open offline' }).click()
  await expect(later.getByRole('alert')).toContainText('9 tries are left')
  await later.getByLabel('Password').fill('gray-compass-demo')
  await later.getByRole('button', { name: 'Open offline' }).click()
  await expect(later.getByText(/^Offline: the list of/)).toBeVisible(SLOWLY)
  await later.getByRole('button', { name: 'Examine Petra Vaughn-Idle' }).tap()
  await later.getByRole('button', { name: 'left knee hurt' }).tap()
  await expect(later.getByText('Started on this device.')).toBeVisible(SLOWLY)
  await later.context().setOffline(false)
  await expect(later.getByRole('status', { name: 'Save status' })).toHaveText('Saved', SLOWLY)
  await later.close()
})

test('in the browser each question is answered as PHP on the server answers it', async ({ page }) => {
  test.setTimeout(1_800_000)
  await page.goto('/')
  const many = process.env.JUDGE_DOCUMENTS ?? '10'
  const cases = execFileSync('php', ['bin/lib/judge-cases.php', many, '3'], { maxBuffer: 1 << 30, encoding: 'utf8' })
    .trim()
    .split('\n')
    .map((line) => JSON.parse(line) as { name: string; question: unknown; answer: unknown })
  const script = readdirSync('public/build/assets').find((name) => /^judge-.*\.js$/.test(name))
  await page.evaluate(startWorker, `/build/assets/${script}`)
  const wrong: string[] = []
  for (const { name, question, answer } of cases) {
    const here = await page.evaluate(askWorker, JSON.stringify(question))
    if (JSON.stringify(rounded(JSON.parse(here))) !== JSON.stringify(rounded(answer))) wrong.push(name)
  }
  expect([wrong, cases.length > 60]).toEqual([[], true])
})

interface Answering extends Window {
  judging: (asked: object) => Promise<{ answer?: string; failed?: string }>
}

async function startWorker(script: string): Promise<void> {
  const { binary, archive } = await (await fetch('/judge/manifest.json')).json()
  const worker = new Worker(script, { type: 'module' })
  const own = window as unknown as Answering
  own.judging = (asked) =>
    new Promise((accept) => {
      worker.onmessage = ({ data }) => accept(data)
      worker.postMessage(asked)
    })
  await own.judging({ start: { binary, archive } })
}

async function askWorker(question: string): Promise<string> {
  const { answer, failed } = await (window as unknown as Answering).judging({ id: 1, question })
  return failed ?? answer!
}
