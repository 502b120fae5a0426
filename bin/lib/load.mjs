// Open loop: so many practitioners tap once every two seconds, whether or not the last answer is back. Prints JSON.
import { Agent, request } from 'node:http'

const BASE = process.env.BASE_URL
const PRACTITIONERS = [30, 60, 100]
const SECONDS = 30
const EVERY_MS = 2_000
const LOG_INS = 10

async function logIn() {
  const first = await fetch(`${BASE}/api/me`)
  const visitor = cookie(first)
  const { csrf } = await first.json()
  const answer = await fetch(`${BASE}/api/login`, {
    method: 'POST',
    headers: { 'Content-Type': 'application/json', 'X-CSRF-TOKEN': csrf, Cookie: visitor },
    body: JSON.stringify({ email: 'physio@fenmoor.example', password: 'gray-compass-demo' }),
  })
  if (!answer.ok) throw new Error(`log-in answered ${answer.status}`)
  return { Cookie: cookie(answer), 'X-CSRF-TOKEN': (await answer.json()).csrf, 'Content-Type': 'application/json' }
}

function cookie(answer) {
  return answer.headers
    .getSetCookie()
    .map((one) => one.split(';')[0])
    .join('; ')
}

// The plain client takes half of what `fetch` takes: it stands on the cores that are measured.
const agent = new Agent({ keepAlive: true })

function put(path, headers, body) {
  return new Promise((done, failed) => {
    const call = request(`${BASE}/api/${path}`, { method: 'PUT', headers, agent }, (answer) => {
      let text = ''
      answer.setEncoding('utf8')
      answer.on('data', (piece) => (text += piece))
      answer.on('end', () => done({ ok: answer.statusCode === 200, text }))
      answer.on('error', failed)
    })
    call.on('error', failed)
    call.end(JSON.stringify(body))
  })
}

async function begin(headers) {
  const { athletes } = await (await fetch(`${BASE}/api/today`, { headers })).json()
  const call = (method, path, body) =>
    fetch(`${BASE}/api/${path}`, {
      method,
      headers: { ...headers, 'Idempotency-Key': crypto.randomUUID() },
      body: JSON.stringify(body),
    })
  const started = await call('POST', `athletes/${athletes[0].id}/examinations`, {
    hurtSide: 'left',
    daysSinceInjury: 4,
    route: 'clinic_full',
  })
  const { id } = await started.json()
  const key = () => crypto.randomUUID()
  await call('PUT', `examinations/${id}/sections/opening`, { key: key(), version: 0, payload: { consentGiven: true } })
  const { assessment } = await (await fetch(`${BASE}/api/examinations/${id}`, { headers })).json()
  const clear = Object.fromEntries(assessment.safety.questions.map((question) => [question, false]))
  await call('PUT', `examinations/${id}/sections/safety`, { key: key(), version: 0, payload: clear })
  let version = 0
  let known = {}
  return async (millimetres) => {
    const answer = await put(`examinations/${id}/records/lachman/left`, headers, {
      key: key(),
      version,
      known,
      payload: { translationMm: millimetres, endFeel: 'soft' },
    })
    if (!answer.ok) return false
    const saved = JSON.parse(answer.text)
    version = saved.version
    known = saved.marks
    return true
  }
}

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
for (let n = 0; n < LOG_INS; n++) sessions.push(await logIn())
const people = []
for (let n = 0; n < Math.max(...PRACTITIONERS); n++) people.push(await begin(sessions[n % LOG_INS]))
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
