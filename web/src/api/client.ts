import createClient from 'openapi-fetch'
import type { paths } from '@/contract/api'

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

/** Sends a request with the session's token; when that is too old, asks for a new one and tries again, once. */
async function reach(request: Request): Promise<Response> {
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
    const isFile = request.headers.get('Content-Type') === 'application/octet-stream'
    response = await fetch(request, { signal: AbortSignal.timeout(isFile ? FILE_MS : REACH_MS) })
  } catch {
    throw new Unreachable('The server cannot be reached.')
  }
  if (response.status >= BROKEN)
    throw new Unreachable(`The server cannot answer just now (${response.status}).`, response.status)
  if (response.status === BUSY && request.method !== 'POST')
    throw new Unreachable('The server is busy.', response.status)
  return response
}

function faultIn(answer: Record<string, unknown>, status: number): Fault {
  const error = answer.error as Fault | undefined
  if (error?.reason) return error
  return {
    path: '',
    reason: typeof answer.message === 'string' && answer.message ? answer.message : `The server answered ${status}.`,
  }
}
