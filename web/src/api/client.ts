import createClient from 'openapi-fetch'
import type { paths } from '@/contract/api'
import { t } from '@/messages/api'

/** A wrong place in what was sent, as the server tells it. */
export interface Fault {
  path: string
  reason: string
}

/** The server answered, but not with what was asked. */
export class ApiError extends Error {
  constructor(
    readonly status: number,
    readonly fault: Fault,
    readonly body: Record<string, unknown>,
  ) {
    super(fault.reason)
  }
}

/** The server could not be reached, or could not answer just now. */
export class Unreachable extends Error {
  constructor(
    message: string,
    /** Null when nothing came back at all. */
    readonly status: number | null = null,
  ) {
    super(message)
  }

  /** The application itself failed on this very request; a gateway without one says 502 to 504. */
  get isFailure(): boolean {
    return this.status !== null && this.status >= BROKEN && !AWAY.includes(this.status)
  }
}

const REACH_MS = 15_000
const FILE = 'application/octet-stream'
/** A file goes over a slow line too. */
const FILE_MS = 180_000
/** The session was renewed in another tab: the token is asked for again, once. */
const TOKEN_EXPIRED = 419
const BUSY = 429
const BROKEN = 500
const AWAY = [502, 503, 504]

let csrf = ''

export function rememberCsrf(token: string): void {
  csrf = token
}

/** The operations of the contract: address, parameters, body and answer are checked by their types. */
export const api = createClient<paths>({ baseUrl: location.origin, credentials: 'same-origin', fetch: reach })

/**
 * What an operation answered.
 *
 * @throws ApiError when the server refuses; Unreachable when it does not answer, or cannot just now
 */
export async function answerOf<T>(operation: Promise<{ data?: T; error?: unknown; response: Response }>): Promise<T> {
  const { data, error, response } = await operation
  if (response.ok) return data as T
  const body = (typeof error === 'object' && error !== null ? error : {}) as Record<string, unknown>
  throw new ApiError(response.status, faultIn(body, response.status), body)
}

/** Keys of requests that make something, until their answer is there: the same one sent again makes it once. */
const keys = new Map<string, string>()

/** What a request asks for, to know it again; a file by its name and length, which stand in its headers. */
async function asked(request: Request): Promise<string> {
  const isFile = request.headers.get('Content-Type') === FILE
  const body = isFile ? request.headers.get('X-File-Name') : await request.clone().text()
  return `${request.url}\n${body}`
}

/**
 * Pressed twice, or sent again because no answer came, it carries the key that it had; answered, the same request is a
 * new one.
 */
async function reach(request: Request): Promise<Response> {
  if (request.method !== 'POST') return withToken(request)
  const what = await asked(request)
  const key = keys.get(what) ?? crypto.randomUUID()
  keys.set(what, key)
  request.headers.set('Idempotency-Key', key)
  const response = await withToken(request)
  keys.delete(what)
  return response
}

/** Sends a request with the session's token; when that is too old, asks for a new one and tries again, once. */
async function withToken(request: Request): Promise<Response> {
  const again = request.clone()
  const response = await send(request)
  if (response.status !== TOKEN_EXPIRED) return response
  const session = (await (
    await send(new Request(`${location.origin}/api/me`, { credentials: 'same-origin' }))
  ).json()) as {
    csrf: string
  }
  rememberCsrf(session.csrf)
  return send(again)
}

async function send(request: Request): Promise<Response> {
  request.headers.set('Accept', 'application/json')
  request.headers.set('X-CSRF-TOKEN', csrf)
  let response: Response
  try {
    const isFile = request.headers.get('Content-Type') === FILE
    response = await fetch(request, { signal: AbortSignal.timeout(isFile ? FILE_MS : REACH_MS) })
  } catch {
    throw new Unreachable(t('client.theServerCannotBeReached'))
  }
  if (response.status >= BROKEN) throw new Unreachable(await why(response), response.status)
  if (response.status === BUSY && request.method !== 'POST')
    throw new Unreachable(t('client.theServerIsBusy'), response.status)
  return response
}

/** What the server says of itself, where it says anything. */
async function why(response: Response): Promise<string> {
  const body = (await response
    .clone()
    .json()
    .catch(() => ({}))) as { error?: Partial<Fault> }
  return body.error?.reason ?? t('client.theServerCannotAnswerJustNow', { status: response.status })
}

function faultIn(answer: Record<string, unknown>, status: number): Fault {
  const error = answer.error as Fault | undefined
  if (error?.reason) return error
  return {
    path: '',
    reason:
      typeof answer.message === 'string' && answer.message ? answer.message : t('client.theServerAnswered', { status }),
  }
}
