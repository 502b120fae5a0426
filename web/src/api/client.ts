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
/** The session was renewed in another tab: the token is asked for again, once. */
const TOKEN_EXPIRED = 419
const BUSY = 429
const BROKEN = 500
const AWAY = [502, 503, 504]

let csrf = ''

export function rememberCsrf(token: string): void {
  csrf = token
}

/**
 * @throws ApiError when the server refuses; Unreachable when it does not answer, or cannot just now
 */
export async function request<T>(method: 'GET' | 'POST' | 'PUT' | 'DELETE', path: string, body?: unknown): Promise<T> {
  let response = await reach(method, path, body)
  if (response.status === TOKEN_EXPIRED) {
    const session = (await (await reach('GET', 'me')).json()) as { csrf: string }
    rememberCsrf(session.csrf)
    response = await reach(method, path, body)
  }
  if (response.status === 204) return undefined as T
  const answer = (await response.json().catch(() => ({}))) as Record<string, unknown>
  if (!response.ok) throw new ApiError(response.status, faultIn(answer, response.status), answer)
  return answer as T
}

async function reach(method: string, path: string, body?: unknown): Promise<Response> {
  let response: Response
  try {
    response = await fetch(`/api/${path}`, {
      method,
      credentials: 'same-origin',
      headers: { Accept: 'application/json', 'X-CSRF-TOKEN': csrf, ...(body === undefined ? {} : { 'Content-Type': 'application/json' }) },
      body: body === undefined ? null : JSON.stringify(body),
      signal: AbortSignal.timeout(REACH_MS),
    })
  } catch {
    throw new Unreachable('The server cannot be reached.')
  }
  if (response.status >= BROKEN) throw new Unreachable(`The server cannot answer just now (${response.status}).`, response.status)
  if (response.status === BUSY && method !== 'POST') throw new Unreachable('The server is busy.', response.status)
  return response
}

function faultIn(answer: Record<string, unknown>, status: number): Fault {
  const error = answer.error as Fault | undefined
  if (error?.reason) return error
  return { path: '', reason: typeof answer.message === 'string' && answer.message ? answer.message : `The server answered ${status}.` }
}
