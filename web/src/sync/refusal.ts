import type { ApiError } from '@/api/client'
import type { Hold } from '@/contract/types'
import type { Refused, StoredPart, Waiting } from './desk'

export const NOTHING: StoredPart = { payload: null, version: 0 }

const STALE = 409

/** What an entry becomes that the server would not take: kept until the person decides. */
export function refusedAs({ part, payload }: Waiting, { status, body, fault }: ApiError): Refused {
  return {
    part,
    mine: payload,
    reason: fault.reason,
    newer: status === STALE ? ((body.newer as StoredPart | null | undefined) ?? NOTHING) : null,
    held: body.hold !== undefined,
    mayOverride: (body.hold as Partial<Hold> | undefined)?.mayOverride === true,
  }
}
