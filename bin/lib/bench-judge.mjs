// What a device that judges by itself takes: the line, the first verdict, further ones, the same slowed four times, and
// memory. In a browser of its own, so that its processes can be stopped for three of four slices.
import { readFileSync, readdirSync } from 'node:fs'
import { chromium } from '@playwright/test'
import { LAUNCH } from './chromium.mjs'

const BASE = process.env.BASE_URL
const RUNS = Number(process.env.JUDGE_RUNS ?? 200)
const SLICE_MS = 10
/** By then the browser has given back what it only built with (ms). */
const SETTLED_MS = 5_000
const DOCUMENTS = ['touchline-go', 'fresh-cruciate-tear', 'whole-clinic-route'].map((name) =>
  JSON.parse(readFileSync(`examples/${name}.json`, 'utf8')),
)
const manifest = JSON.parse(readFileSync('public/judge/manifest.json', 'utf8'))
const ASSETS = 'build/assets'
const script = readdirSync(`public/${ASSETS}`).find((name) => /^judge-.*\.js$/.test(name))
const median = (numbers) => [...numbers].sort((a, b) => a - b)[Math.floor(numbers.length / 2)]

const browser = await chromium.launch({ ...LAUNCH, args: [...LAUNCH.args, '--js-flags=--expose-gc'] })
const page = await (await browser.newContext({ baseURL: BASE })).newPage()
await page.goto('/login')
const client = await browser.newBrowserCDPSession()
const renderers = async () =>
  (await client.send('SystemInfo.getProcessInfo')).processInfo
    .filter(({ type }) => type === 'renderer')
    .map(({ id }) => id)
const pids = await renderers()

/** Resident memory of the renderers (MB). */
function resident() {
  const kb = pids.map((pid) => Number(/VmRSS:\s+(\d+)/.exec(readFileSync(`/proc/${pid}/status`, 'utf8'))?.[1] ?? 0))
  return kb.reduce((sum, one) => sum + one, 0) / 1024
}

/** The same, without answers that nobody holds any more and what the browser only built with (MB). */
async function held() {
  await page.evaluate(() => gc())
  await page.workers()[0].evaluate(() => gc())
  await page.waitForTimeout(SETTLED_MS)
  return resident()
}

/** Runs `work` while the renderers stand still for three of four slices. */
async function slowed(work) {
  let goes = true
  const stop = async () => {
    while (goes) {
      for (const pid of pids) process.kill(pid, 'SIGSTOP')
      await new Promise((done) => setTimeout(done, 3 * SLICE_MS))
      for (const pid of pids) process.kill(pid, 'SIGCONT')
      await new Promise((done) => setTimeout(done, SLICE_MS))
    }
  }
  const stopping = stop()
  try {
    return await work()
  } finally {
    goes = false
    await stopping
  }
}

await page.evaluate(
  ({ script, binary, archive }) => {
    window.bench = {
      start() {
        this.worker?.terminate()
        this.worker = new Worker(script, { type: 'module' })
        return this.told({ start: { binary, archive } })
      },
      told(asked) {
        return new Promise((accept, reject) => {
          this.worker.onmessage = ({ data }) => ('failed' in data ? reject(new Error(data.failed)) : accept(data))
          this.worker.onerror = (event) => reject(new Error(event.message))
          this.worker.postMessage(asked)
        })
      },
      async judge(document) {
        const begin = performance.now()
        await this.told({ id: 1, question: JSON.stringify({ assess: document }) })
        return performance.now() - begin
      },
    }
  },
  { ...manifest, script: `/${ASSETS}/${script}` },
)

const empty = resident()
const first = async () => {
  const begin = performance.now()
  await page.evaluate(() => window.bench.start())
  await page.evaluate((document) => window.bench.judge(document), DOCUMENTS[0])
  return performance.now() - begin
}
const warm = []
const more = async (runs) => {
  for (let run = 0; run < runs; run++)
    warm.push(await page.evaluate((document) => window.bench.judge(document), DOCUMENTS[run % DOCUMENTS.length]))
}
// Of one start, as on a device: what earlier workers left may lie about for a while.
const cold = await first()
await more(RUNS)
const after = await held()
await more(RUNS)
const later = await held()
await page.evaluate(() => window.bench.start())
const isKept = () =>
  page.evaluate(async () =>
    (await (await caches.open('judge')).keys()).some(({ url }) => /\/judge\/image\/.*js$/.test(url)),
  )
while (!(await isKept())) await page.waitForTimeout(500)
const again = [await first(), await first(), await first()]
const slow = await slowed(async () => {
  const took = []
  for (let run = 0; run < RUNS / 10; run++)
    took.push(await page.evaluate((document) => window.bench.judge(document), DOCUMENTS[run % DOCUMENTS.length]))
  return took
})
await browser.close()

const line = Object.values(manifest.bytes).reduce((sum, one) => sum + one, 0) / 2 ** 20
const figure = (what, unit, value, limit = null) => ({ what, unit, median: value, limit })
console.log(
  JSON.stringify(
    [
      figure('rules on the device, over the line', 'MB', line),
      figure('first verdict on the device, nothing read yet', 'ms', cold),
      figure('first verdict of a worker whose memory was kept', 'ms', median(again)),
      figure('further verdicts on the device', 'ms', median(warm)),
      figure('the same, slowed four times', 'ms', median(slow), 600),
      figure(`memory held above the empty page after ${RUNS} verdicts`, 'MB', after - empty, 150),
      figure(`growth from there to ${2 * RUNS}`, 'MB', later - after),
    ],
    null,
    2,
  ),
)
