import { createServer } from 'node:http'
import { DAYS, hellos, sent } from './days.js'
import { KNEES, SAMPLES_A_SECOND, dice, effort, pull } from './knee.js'

/** A pull goes out in parcels of so many samples, as a bridge would send them. */
const PARCEL = 4
/** What a muscle gives where nothing else is asked for. */
const NEWTONS = 310
/** At rest it sends twenty samples a second. */
const REST_MS = 50
const MOST_BYTES = 10_000
const HEADERS = { 'Access-Control-Allow-Origin': '*', 'Cache-Control': 'no-store' }

/**
 * The stand-in of an instrument: its events go out at `/events`, and it is told what to do at `/control`.
 *
 * @param {{kind?: 'arthrometer' | 'dynamometer', seed?: number}} options
 */
export function device({ kind = 'arthrometer', seed = Date.now() } = {}) {
  const state = { kind, day: 'well', knee: 'sound', newtons: NEWTONS, slow: 1 }
  const random = dice(seed)
  const listeners = new Set()
  let running = Promise.resolve()

  const tell = (text) => listeners.forEach((one) => one.write(`data: ${text}\n\n`))
  const greet = (to) => hellos(state.kind, state.day).forEach((hello) => to.write(`data: ${JSON.stringify(hello)}\n\n`))

  let isPlaying = false
  let resting = 0

  /** Between two pulls it goes on telling that nothing pulls. */
  function rest() {
    if (isPlaying || listeners.size === 0) return
    const still = { t: Math.round(performance.now()), force: 0, displacement: 0 }
    const text = sent(still, resting++, state.day)
    if (text !== null) tell(text)
  }

  async function play() {
    isPlaying = true
    const samples = state.kind === 'arthrometer' ? pull(KNEES[state.knee], random) : effort(state.newtons, random)
    const began = performance.now()
    for (let from = 0; from < samples.length; from += PARCEL) {
      samples.slice(from, from + PARCEL).forEach((sample, index) => {
        const text = sent(sample, from + index, state.day)
        if (text !== null) tell(text)
      })
      const due = (state.slow * (from + PARCEL) * 1000) / SAMPLES_A_SECOND
      await new Promise((done) => setTimeout(done, Math.max(0, began + due - performance.now())))
    }
    isPlaying = false
  }

  const asked = {
    day: (value) => DAYS.includes(value) && (state.day = value),
    kind: (value) => ['arthrometer', 'dynamometer'].includes(value) && (state.kind = value),
    knee: (value) => value in KNEES && (state.knee = value),
    newtons: (value) => Number(value) > 0 && (state.newtons = Number(value)),
    slow: (value) => Number(value) > 0 && (state.slow = Number(value)),
    pull: () => (running = running.then(play)),
    button: () => tell(JSON.stringify({ type: 'event', button: 1 })) ?? true,
    end: () => tell(JSON.stringify({ type: 'end' })) ?? true,
  }

  /** @returns {string | null} what is wrong with it; null: it is done */
  function control(body) {
    for (const [name, value] of Object.entries(body)) {
      if (!(name in asked)) return `there is no ${name}; there are ${Object.keys(asked).join(', ')}`
      if (!asked[name](value)) return `${name} cannot be ${value}`
    }
    if (state.day === 'off') listeners.forEach((one) => one.end())
    else if ('day' in body || 'kind' in body) listeners.forEach(greet)
    return null
  }

  const ticking = setInterval(rest, REST_MS)

  const server = createServer((request, response) => {
    if (request.url === '/events' && state.day === 'off') {
      response.writeHead(503, HEADERS).end()
    } else if (request.method === 'GET' && request.url === '/events') {
      response.writeHead(200, { ...HEADERS, 'Content-Type': 'text/event-stream' })
      listeners.add(response)
      request.on('close', () => listeners.delete(response))
      greet(response)
    } else if (request.method === 'POST' && request.url === '/control') {
      let text = ''
      request.on('data', (part) => {
        text += part
        if (text.length > MOST_BYTES) request.destroy()
      })
      request.on('end', () => {
        let wrong
        try {
          wrong = control(JSON.parse(text))
        } catch {
          wrong = 'this is not JSON'
        }
        response.writeHead(wrong === null ? 200 : 422, { 'Content-Type': 'application/json' })
        response.end(JSON.stringify(wrong === null ? state : { wrong }))
      })
    } else {
      response.writeHead(404, HEADERS).end()
    }
  })
  server.on('close', () => clearInterval(ticking))
  return server
}
