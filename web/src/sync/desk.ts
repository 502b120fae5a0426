import type { Payload } from '@/contract/types'
import type { Begun } from './begun'
import { isTabOpen } from './tab'
import { vault } from './vault'

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
  /** What the server holds instead, where another person changed it in between. */
  newer: StoredPart | null
  /** A hold stood against it: it is sent by itself once that is lifted. */
  held?: boolean
  /** A reason lets it be recorded all the same. */
  mayOverride?: boolean
}

/** What one tab still has to send, or to settle, for one examination. */
export interface Desk {
  /** The examination itself, where the server does not have it yet. */
  begun: Begun | null
  waiting: Waiting[]
  refused: Refused[]
  /** Checks and notes that came before their measure, by part; the server takes them together with it. */
  drafts: Record<string, Payload>
}

export function emptyDesk(): Desk {
  return { begun: null, waiting: [], refused: [], drafts: {} }
}

function isEmpty(desk: Desk): boolean {
  return (
    desk.begun === null &&
    desk.waiting.length === 0 &&
    desk.refused.length === 0 &&
    Object.keys(desk.drafts).length === 0
  )
}

const PREFIX = 'desk/'

export function deskName(examination: string, tab: string): string {
  return `${PREFIX}${examination}/${tab}`
}

async function desks(beginning = ''): Promise<{ name: string; examination: string; tab: string }[]> {
  const names = (await vault()?.names(PREFIX + beginning)) ?? []
  return names.map((name) => {
    const [examination = '', tab = ''] = name.slice(PREFIX.length).split('/')
    return { name, examination, tab }
  })
}

/** A desk that cannot be read must not keep an examination shut. */
async function read(name: string): Promise<Desk> {
  return { ...emptyDesk(), ...(await vault()?.read<Partial<Desk>>(name)) }
}

/**
 * @throws where nothing can be kept on this device
 */
export async function keep(examination: string, tab: string, desk: Desk): Promise<void> {
  const safe = vault()
  if (safe === null) throw new Error('This browser keeps nothing safely.')
  const name = deskName(examination, tab)
  await (isEmpty(desk) ? safe.remove(name) : safe.write(name, desk))
}

/** What this tab held before it was loaded anew, and what tabs that are closed by now left: theirs is taken over. */
export async function takeUp(examination: string, tab: string): Promise<Desk> {
  const taken = emptyDesk()
  let adopted = false
  for (const desk of await desks(`${examination}/`)) {
    if (desk.tab !== tab && (await isTabOpen(desk.tab))) continue
    const left = await read(desk.name)
    const first = desk.tab === tab
    taken.waiting[first ? 'push' : 'unshift'](...left.waiting)
    taken.refused.push(...left.refused)
    taken.begun ??= left.begun
    Object.assign(taken.drafts, left.drafts)
    adopted ||= !first
  }
  if (!adopted) return taken
  await keep(examination, tab, taken)
  for (const desk of await desks(`${examination}/`))
    if (desk.tab !== tab && !(await isTabOpen(desk.tab))) await vault()?.remove(desk.name)
  return taken
}

/** Whether an examination began on this device and is not with the server yet. */
export async function beginsHere(examination: string): Promise<boolean> {
  for (const { name } of await desks(`${examination}/`)) if ((await read(name)).begun !== null) return true
  return false
}

/** Lets go of everything that this device holds for one examination; nothing brings it back. */
export async function discardDesks(examination: string): Promise<void> {
  for (const { name } of await desks(`${examination}/`)) await vault()?.remove(name)
}

/** How many entries wait for one examination; that it began here is one. */
export interface Unsent {
  examination: string
  count: number
}

/** Examinations for which this device holds something that the server does not have yet. */
export async function unsent(): Promise<Unsent[]> {
  const counts = new Map<string, number>()
  for (const desk of await desks()) {
    const { begun, waiting, refused } = await read(desk.name)
    const count = (begun === null ? 0 : 1) + waiting.length + refused.length
    if (count > 0) counts.set(desk.examination, (counts.get(desk.examination) ?? 0) + count)
  }
  return [...counts].map(([examination, count]) => ({ examination, count }))
}

/** Lets go of everything that waits on this device for the person who is logged in; nothing brings it back. */
export async function discardUnsent(): Promise<void> {
  for (const desk of await desks()) await vault()?.remove(desk.name)
}
