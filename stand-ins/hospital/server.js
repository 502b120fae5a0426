import { readFileSync, renameSync, writeFileSync } from 'node:fs'
import { createServer } from 'node:http'
import { appointment, kept, patient, report } from './report.js'

/** What the hospital does on a good day and on bad ones. `dies`: it keeps the next request, and ends before it answers. */
const DAYS = ['well', 'down', 'nonsense', 'declines', 'dies', 'other']

const MOST_BYTES = 1_000_000
const FHIR = 'application/fhir+json'
/** On a day when it reports of other people. */
const SOMEONE_ELSE = '1901-01-01'

/**
 * The stand-in of a hospital: a server of FHIR R4 that takes ServiceRequests and answers them after a while. What it has
 * it writes to a file before it answers, so that ending it loses nothing.
 *
 * @param {{file: string, after?: number, end?: () => void}} options after: seconds until it reports
 */
export function hospital({ file, after = 30, end = () => process.exit(1) }) {
  let state = { day: 'well', after, slow: 0, found: { acl: 'present' }, requests: {} }
  try {
    state = { ...state, ...JSON.parse(readFileSync(file, 'utf8')) }
  } catch {
    // Nothing was kept yet.
  }

  function keep() {
    writeFileSync(`${file}.new`, JSON.stringify(state))
    renameSync(`${file}.new`, file)
  }

  const asked = {
    day: (value) => DAYS.includes(value) && (state.day = value),
    after: (value) => Number(value) >= 0 && ((state.after = Number(value)), true),
    slow: (value) => Number(value) >= 0 && ((state.slow = Number(value)), true),
    found: (value) =>
      /^(\w+:(present|absent))(,\w+:(present|absent))*$/.test(value) &&
      (state.found = Object.fromEntries(
        String(value)
          .split(',')
          .map((one) => one.split(':')),
      )),
    list: () => true,
  }

  function control(body) {
    for (const [name, value] of Object.entries(body)) {
      if (!(name in asked)) return { wrong: `there is no ${name}; there are ${Object.keys(asked).join(', ')}` }
      if (!asked[name](value)) return { wrong: `${name} cannot be ${value}` }
    }
    keep()
    const { requests, ...rest } = state
    return { ...rest, requests: Object.values(requests).map(({ request, puts }) => ({ id: request.id, puts })) }
  }

  function put(id, text) {
    const request = JSON.parse(text)
    const before = state.requests[id]
    // The same again changes nothing but its count.
    state.requests[id] = before ? { ...before, puts: before.puts + 1 } : { request, at: Date.now(), puts: 1 }
    keep()
  }

  function search(id) {
    const entry = state.requests[id]
    if (!entry) return { resourceType: 'Bundle', type: 'searchset', total: 0, entry: [] }
    const { request, at } = entry
    const person = patient(request)
    const isDone = Date.now() - at >= state.after * 1000
    const resources = [
      kept(request, state.day === 'declines' ? 'revoked' : isDone ? 'completed' : 'active'),
      state.day === 'other' ? { ...person, birthDate: SOMEONE_ELSE } : person,
      ...(state.day === 'declines' ? [] : [appointment(request, at)]),
      ...(isDone && state.day !== 'declines' ? report(request, state.found, Date.now()) : []),
    ]
    return {
      resourceType: 'Bundle',
      type: 'searchset',
      total: 1,
      entry: resources.map((resource) => ({
        fullUrl: `urn:hospital:${resource.resourceType}:${resource.id}`,
        resource,
      })),
    }
  }

  function answer(request, response, text) {
    const { pathname, searchParams } = new URL(request.url ?? '/', 'http://hospital')
    const say = (status, body, type = FHIR) => {
      response.writeHead(status, { 'Content-Type': type }).end(typeof body === 'string' ? body : JSON.stringify(body))
    }
    if (request.method === 'POST' && pathname === '/control') {
      const said = control(JSON.parse(text))
      return say(said.wrong ? 422 : 200, said)
    }
    if (state.day === 'down') return say(503, { resourceType: 'OperationOutcome' })
    const id = /^\/ServiceRequest\/([\w-]+)$/.exec(pathname)?.[1]
    if (request.method === 'PUT' && id) {
      put(id, text)
      if (state.day === 'dies') return end()
      return state.day === 'nonsense' ? say(500, '<html>') : say(201, { resourceType: 'ServiceRequest', id })
    }
    if (request.method === 'GET' && pathname === '/ServiceRequest')
      return state.day === 'nonsense' ? say(200, '<html>') : say(200, search(searchParams.get('_id') ?? ''))
    return say(404, { resourceType: 'OperationOutcome' })
  }

  return createServer((request, response) => {
    let text = ''
    request.on('data', (part) => {
      text += part
      if (text.length > MOST_BYTES) request.destroy()
    })
    request.on('end', () => {
      const isControl = request.url === '/control'
      setTimeout(
        () => {
          try {
            answer(request, response, text)
          } catch {
            response.writeHead(400).end()
          }
        },
        isControl ? 0 : state.slow * 1000,
      )
    })
  })
}
