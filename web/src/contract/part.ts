import type { SectionName, Side } from './types'

/** What of an examination is saved as a whole: a section, or the record of one manoeuvre on one side. */
export type Part = { kind: 'section'; name: SectionName } | { kind: 'record'; manoeuvre: string; side: Side | 'both' }

const BETWEEN = ':'

/** By which a part is kept and told, such as `history` or `lachman:left`. */
export function partKey(part: Part): string {
  return part.kind === 'section' ? part.name : `${part.manoeuvre}${BETWEEN}${part.side}`
}

/** As `partKey` wrote it. */
export function partOf(key: string): Part {
  const [name = '', side] = key.split(BETWEEN)
  return side === undefined
    ? { kind: 'section', name: name as SectionName }
    : { kind: 'record', manoeuvre: name, side: side as Side | 'both' }
}

export function recordKey(manoeuvre: string, side: Side | 'both'): string {
  return partKey({ kind: 'record', manoeuvre, side })
}
