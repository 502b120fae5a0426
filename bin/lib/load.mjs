// Open loop: so many practitioners tap once every two seconds, whether or not the last answer is back. Prints JSON.
import { begin, logIn } from './tapping.mjs'

const BASE = process.env.BASE_URL
const PRACTITIONERS = [30, 60, 100]
const SECONDS = 30
const EVERY_MS = 2_000
const LOG_INS = 10

async function run(people) {
  const times = []
  let failed = 0
  await Promise.all(
    people.map(async (tap, index) => {
      const start = performance.now() + (EVERY_MS * index) / people.length
      let last = Promise.resolve()
      for (let n = 0; n < (SECONDS * 1_000) / EVERY_MS; n++) {
        const due = start + n * EVERY_MS
        await new Promise((later) => setTimeout(later, Math.max(0, due - performance.now())))
        // One person's taps go one after the other, as the queue of a device sends them; waiting counts.
        last = last.then(async () => {
          const went = await tap(1 + (n % 12)).catch(() => false)
          if (went) times.push(performance.now() - due)
          else failed++
        })
      }
      await last
    }),
  )
  times.sort((a, b) => a - b)
  const at = (share) => times[Math.min(times.length - 1, Math.floor(times.length * share))] ?? NaN
  return { median: at(0.5), p95: at(0.95), failed }
}

const sessions = []
for (let n = 0; n < LOG_INS; n++) sessions.push(await logIn(BASE))
const people = []
for (let n = 0; n < Math.max(...PRACTITIONERS); n++) people.push(await begin(BASE, sessions[n % LOG_INS]))
const figures = []
for (const count of PRACTITIONERS) {
  const { median, p95, failed } = await run(people.slice(0, count))
  const limit = count === 100 ? 300 : null
  figures.push({ what: `${count} practitioners, median save`, unit: 'ms', median, limit: null })
  figures.push({ what: `${count} practitioners, 95 % of saves within`, unit: 'ms', median: p95, limit })
  if (failed > 0)
    figures.push({ what: `${count} practitioners, saves that failed`, unit: '', median: failed, limit: 0 })
}
console.log(JSON.stringify(figures, null, 2))
