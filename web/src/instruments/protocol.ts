import { t } from '@/messages/instruments'

/** What an instrument sends; docs/devices.md describes it. Forces in N, displacements in mm, times in ms. */
export type InstrumentKind = 'arthrometer' | 'dynamometer'

export interface Hello {
  type: 'hello'
  kind: InstrumentKind
  name: string
  serial: string
}

export interface Sample {
  type: 'sample'
  /** ms by the clock of the instrument. */
  t: number
  /** N. */
  force: number
  /** mm; 0 where the instrument measures force alone. */
  displacement: number
}

export type Message = Hello | Sample | { type: 'event' } | { type: 'end' }

/** What cannot be used, and why. */
export interface Unread {
  type: 'unread'
  reason: string
  /** It was to say what the instrument is: nothing after it can be trusted. */
  isHello?: boolean
}

const PROTOCOL = 1
const KINDS = ['arthrometer', 'dynamometer']
const LONGEST_NAME = 80

type Given = Record<string, unknown>

/** Reads one message; what is not one is told, never guessed at. */
export function readMessage(text: string): Message | Unread {
  let given: Given
  try {
    given = JSON.parse(text) as Given
  } catch {
    return unread(t('protocol.notJson'))
  }
  if (given?.type === 'hello') {
    const hello = readHello(given)
    return hello.type === 'unread' ? { ...hello, isHello: true } : hello
  }
  if (given?.type === 'sample') return readSample(given)
  if (given?.type === 'event' || given?.type === 'end') return { type: given.type }
  return unread(t('protocol.unknownMessage'))
}

function readHello({ protocol, kind, name, serial, units }: Given): Hello | Unread {
  if (protocol !== PROTOCOL) return unread(t('protocol.otherProtocol', { protocol: String(protocol) }))
  if (!KINDS.includes(String(kind))) return unread(t('protocol.otherKind', { kind: String(kind) }))
  const { force, displacement } = (units ?? {}) as Given
  const wrong = force !== 'N' ? force : kind === 'arthrometer' && displacement !== 'mm' ? displacement : undefined
  if (wrong !== undefined || force === undefined) return unread(t('protocol.otherUnits', { unit: String(wrong ?? '') }))
  return {
    type: 'hello',
    kind: kind as InstrumentKind,
    name: String(name ?? '').slice(0, LONGEST_NAME),
    serial: String(serial ?? '').slice(0, LONGEST_NAME),
  }
}

function readSample({ t: at, force, displacement = 0 }: Given): Sample | Unread {
  const figures = [at, force, displacement]
  if (!figures.every((figure) => typeof figure === 'number' && Number.isFinite(figure)))
    return unread(t('protocol.notAFigure'))
  return { type: 'sample', t: at as number, force: force as number, displacement: displacement as number }
}

function unread(reason: string): Unread {
  return { type: 'unread', reason }
}
