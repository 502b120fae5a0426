// Times the API and the interface of a running application: BASE_URL says where. Prints JSON.
import { chromium } from '@playwright/test'
import { LAUNCH } from './chromium.mjs'

const BASE = process.env.BASE_URL
const RUNS = 60
const VIEWPORT = { width: 1280, height: 800 }
const median = (values) => [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)]

const browser = await chromium.launch(LAUNCH)

async function logIn(page) {
  await page.goto(`${BASE}/`)
  await page.getByLabel('E-mail').fill('physio@fenmoor.example')
  await page.getByLabel('Password').fill('gray-compass-demo')
  await page.getByRole('button', { name: 'Log in' }).click()
  await page.getByRole('heading', { name: 'Unfinished' }).waitFor()
  await page.waitForLoadState('networkidle')
}

// First load after log-in: what Today transfers with nothing on the device yet, bytes on the wire.
async function firstLoadKb() {
  const context = await browser.newContext({ viewport: VIEWPORT, serviceWorkers: 'block' })
  const page = await context.newPage()
  await logIn(page)
  const wire = await context.newCDPSession(page)
  await wire.send('Network.enable')
  await wire.send('Network.clearBrowserCache')
  let bytes = 0
  wire.on('Network.loadingFinished', (event) => {
    bytes += event.encodedDataLength
  })
  await page.reload()
  await page.getByRole('heading', { name: 'Unfinished' }).waitFor()
  await page.waitForLoadState('networkidle')
  await context.close()
  return bytes / 1024
}

const firstLoad = await firstLoadKb()
const page = await browser.newPage({ viewport: VIEWPORT })
await logIn(page)
// From here on the device serves the application's own files, as it does on every day but the first.
await page.evaluate(() => navigator.serviceWorker.ready.then(() => true))
await page.reload()

await page.getByRole('link', { name: /Mirre Aldous.*knee/ }).click()
await page.getByRole('heading', { name: 'History', level: 1 }).waitFor()
const { empty, save } = await page.evaluate(async (runs) => {
  const csrf = (await (await fetch('/api/me')).json()).csrf
  const today = await (await fetch('/api/today')).json()
  const athlete = today.athletes.find((a) => a.name === 'Wynn Tarbuck')
  const headers = { 'Content-Type': 'application/json', 'X-CSRF-TOKEN': csrf }
  const call = (method, path, body) =>
    fetch(`/api/${path}`, {
      method,
      headers: { ...headers, 'Idempotency-Key': crypto.randomUUID() },
      body: body === undefined ? undefined : JSON.stringify(body),
    })
  const started = await call('POST', `athletes/${athlete.id}/examinations`, {
    hurtSide: 'left',
    daysSinceInjury: 4,
    setting: 'acute_trauma',
    route: 'clinic_full',
  })
  const { id } = await started.json()
  const put = (part, version, payload) =>
    call('PUT', `examinations/${id}/${part}`, { key: crypto.randomUUID(), version, payload })
  let version = 0
  const tap = () => put('records/lachman/left', version++, { translationMm: 5 + (version % 9), endFeel: 'soft' })
  // What was refused took no save, so it may not be timed as one.
  const timed = async (request) => {
    const begin = performance.now()
    const answer = await request()
    await answer.text()
    if (!answer.ok) throw new Error(`${answer.url} answered ${answer.status}`)
    return performance.now() - begin
  }
  const { assessment } = await (await call('GET', `examinations/${id}`)).json()
  await timed(() => put('sections/opening', 0, { consentGiven: true }))
  const clear = Object.fromEntries(assessment.safety.questions.map((question) => [question, false]))
  await timed(() => put('sections/safety', 0, clear))
  const empty = []
  const save = []
  for (let run = 0; run < runs; run++) {
    empty.push(await timed(() => call('GET', 'ping')))
    save.push(await timed(tap))
  }
  return { empty, save }
}, RUNS)

// From a tap to its own effect, and to the new chances on the plateau.
await page.keyboard.press('/')
await page.getByRole('combobox', { name: 'Name of the manoeuvre' }).fill('Valgus, 30°')
await page.keyboard.press('Enter')
const taps = await page.evaluate(async (runs) => {
  const bands = [...document.querySelectorAll('.bands input')]
  const figures = () =>
    [...document.querySelectorAll('[data-condition]')].map((part) => part.getAttribute('aria-label')).join()
  const frame = () => new Promise((done) => requestAnimationFrame(() => done()))
  const until = async (holds) => {
    const begin = performance.now()
    for (let turn = 0; !holds(); turn++) {
      if (performance.now() - begin > 5000) throw new Error('nothing changed on screen within five seconds')
      await (turn < 50 ? Promise.resolve() : frame())
    }
  }
  // What jumps after a tap jumps under the finger, so shifts soon after input are counted too.
  let shift = 0
  new PerformanceObserver((list) => {
    for (const entry of list.getEntries()) shift += entry.value
  }).observe({ type: 'layout-shift', buffered: false })
  const own = []
  const chances = []
  for (let run = 0; run < runs; run++) {
    const band = bands[run % 2 === 0 ? 0 : 2]
    const before = figures()
    const begin = performance.now()
    band.click()
    await until(() => band.checked)
    own.push(performance.now() - begin)
    await until(() => figures() !== before)
    chances.push(performance.now() - begin)
  }
  await frame()
  return { own, chances, shift: shift / runs }
}, RUNS / 2)
await browser.close()

console.log(
  JSON.stringify(
    [
      { what: 'empty authenticated API request', unit: 'ms', median: median(empty), limit: null },
      { what: 'API save and assess', unit: 'ms', median: median(save), limit: null },
      { what: 'ratio of save-and-assess to empty', unit: '', median: median(save) / median(empty), limit: null },
      { what: 'a tap shows its own effect', unit: 'ms', median: median(taps.own), limit: 16.7 },
      { what: 'a tap shows the new chances', unit: 'ms', median: median(taps.chances), limit: 120 },
      { what: 'layout shift after a tap', unit: '', median: taps.shift, limit: 0.005 },
      { what: 'first load after log-in', unit: 'kB', median: firstLoad, limit: 230 },
    ],
    null,
    2,
  ),
)
