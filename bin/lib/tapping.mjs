// A practitioner at work, for what measures a running application.
import { Agent, request } from 'node:http'

/** A session of the demo's practitioner at this address, as headers. */
export async function logIn(base) {
  const first = await fetch(`${base}/api/me`)
  const visitor = cookie(first)
  const { csrf } = await first.json()
  const answer = await fetch(`${base}/api/login`, {
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

function send(method, url, headers, body) {
  return new Promise((done, failed) => {
    const call = request(url, { method, headers, agent }, (answer) => {
      let text = ''
      answer.setEncoding('utf8')
      answer.on('data', (piece) => (text += piece))
      answer.on('end', () => done({ ok: answer.statusCode >= 200 && answer.statusCode < 300, text }))
      answer.on('error', failed)
    })
    call.on('error', failed)
    call.end(body === undefined ? undefined : JSON.stringify(body))
  })
}

/** Asks for nothing: what every request takes. */
export async function ping(base, headers) {
  return (await send('GET', `${base}/api/ping`, headers)).ok
}

/** An examination past its safety check; each call of what is returned saves one measurement, and says whether it was saved. */
export async function begin(base, headers) {
  const { athletes } = await (await fetch(`${base}/api/today`, { headers })).json()
  const call = (method, path, body) =>
    fetch(`${base}/api/${path}`, {
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
  const { assessment } = await (await fetch(`${base}/api/examinations/${id}`, { headers })).json()
  const clear = Object.fromEntries(assessment.safety.questions.map((question) => [question, false]))
  await call('PUT', `examinations/${id}/sections/safety`, { key: key(), version: 0, payload: clear })
  let version = 0
  let known = {}
  return async (millimetres) => {
    const answer = await send('PUT', `${base}/api/examinations/${id}/records/lachman/left`, headers, {
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
