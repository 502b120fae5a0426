import { ulid } from 'ulid'
import { ApiError, answerOf, api } from '@/api/client'
import type { AthleteFacts, Similar, Start } from '@/contract/types'

/** An examination that began on this device, and is not with the server yet: nothing of it is sent before this. */
export interface Begun {
  /** Id of the athlete. */
  athlete: string
  /** Of an athlete who was added on this device; null: the server knows them. */
  added: AthleteFacts | null
  /** With the id that this device chose, and the moment. */
  start: Start
  /** When this device was last told of earlier visits and known results (ISO 8601); null: it knows none. */
  pastAt: string | null
  /** Why the server would not take it; null while it waits to be sent. */
  refused: BegunRefusal | null
}

export interface BegunRefusal {
  reason: string
  /** Athletes much like the one who was added. */
  similar: Similar
  /** The place of the fault in what was sent; empty: none is named. */
  path: string
}

/** A ULID, in the letters in which the server writes its own. */
export function newId(): string {
  return ulid().toLowerCase()
}

/**
 * Makes on the server what began here; by its ids, it is made once however often it is sent.
 *
 * @throws ApiError where the server would not take it; Unreachable where it does not answer
 */
export async function sendBegun({ athlete, added, start }: Begun): Promise<void> {
  if (added !== null) await answerOf(api.POST('/api/athletes', { body: { ...added, id: athlete } }))
  await answerOf(api.POST('/api/athletes/{athlete}/examinations', { params: { path: { athlete } }, body: start }))
}

export function begunRefusal(error: unknown): BegunRefusal {
  if (!(error instanceof ApiError)) return { reason: String(error), path: '', similar: [] }
  const similar = (error.body.similar ?? []) as Similar
  return { ...error.fault, similar }
}
