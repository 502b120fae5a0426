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

/** The server could not be reached. */
export class Unreachable extends Error {}

const REACH_MS = 15_000
const UNREACHABLE_STATUS = [502, 503, 504]

let csrf = ''

export function rememberCsrf(token: string): void {
  csrf = token
}

/** @throws ApiError when the server refuses; Unreachable when it does not answer */
export async function request<T>(method: 'GET' | 'POST' | 'PUT' | 'DELETE', path: string, body?: unknown): Promise<T> {
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
  if (UNREACHABLE_STATUS.includes(response.status)) throw new Unreachable('The server cannot be reached.')
  if (response.status === 204) return undefined as T
  const answer = (await response.json().catch(() => ({}))) as Record<string, unknown>
  if (!response.ok) throw new ApiError(response.status, faultIn(answer, response.status), answer)
  return answer as T
}

function faultIn(answer: Record<string, unknown>, status: number): Fault {
  const error = answer.error as Fault | undefined
  if (error?.reason) return error
  return { path: '', reason: typeof answer.message === 'string' && answer.message ? answer.message : `The server answered ${status}.` }
}
