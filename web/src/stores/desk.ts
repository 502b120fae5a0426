import type { Payload } from '@/contract/types'
import { isTabOpen } from './tab'

/** A part as the server last told it; a null payload is a finding that is not there. */
export interface StoredPart {
  payload: Payload | null
  version: number
}

/** One part waiting to be saved, with what it was made from; a null payload takes a finding back. */
export interface Waiting {
  part: string
  payload: Payload | null
  key: string
  from: StoredPart
  /** It may have reached the server already: from now on its content stands. */
  tried: boolean
  /** How often the server failed on it, rather than being away. */
  failures?: number
}

/** A part that the server would not take as it is; kept here until the person decides. */
export interface Refused {
  part: string
  mine: Payload | null
  reason: string
  /** What the server holds instead, where somebody else changed it in between. */
  newer: StoredPart | null
  /** A hold stood against it: it is sent by itself once that is lifted. */
  held?: boolean
}

/** What one tab still has to send, or to settle, for one examination. */
export interface Desk {
  waiting: Waiting[]
  refused: Refused[]
  /** Checks and notes that came before their measure, by part; the server takes them together with it. */
  drafts: Record<string, Payload>
}

export function emptyDesk(): Desk {
  return { waiting: [], refused: [], drafts: {} }
}

const PREFIX = 'gray-compass:desk:'

export function deskKey(examination: string, tab: string): string {
  return `${PREFIX}${examination}:${tab}`
}

function desks(): { key: string; examination: string; tab: string }[] {
  return Object.keys(localStorage)
    .filter((key) => key.startsWith(PREFIX))
    .map((key) => {
      const [examination = '', tab = ''] = key.slice(PREFIX.length).split(':')
      return { key, examination, tab }
    })
}

/** A desk that cannot be read must not keep an examination shut. */
function read(key: string): Desk {
  try {
    return { ...emptyDesk(), ...(JSON.parse(localStorage.getItem(key) ?? '{}') as Partial<Desk>) }
  } catch {
    return emptyDesk()
  }
}

/** What tabs that are closed by now left for an examination; it is taken over, and theirs is cleared. */
export async function adopt(examination: string, tab: string): Promise<Desk> {
  const adopted = emptyDesk()
  for (const desk of desks()) {
    if (desk.examination !== examination || desk.tab === tab || (await isTabOpen(desk.tab))) continue
    const left = read(desk.key)
    adopted.waiting.push(...left.waiting)
    adopted.refused.push(...left.refused)
    Object.assign(adopted.drafts, left.drafts)
    localStorage.removeItem(desk.key)
  }
  return adopted
}

/** Examinations for which this device holds something that the server does not have yet. */
export function unsent(): { examination: string; count: number }[] {
  const counts = new Map<string, number>()
  for (const desk of desks()) {
    const { waiting, refused } = read(desk.key)
    const count = waiting.length + refused.length
    if (count > 0) counts.set(desk.examination, (counts.get(desk.examination) ?? 0) + count)
  }
  return [...counts].map(([examination, count]) => ({ examination, count }))
}
