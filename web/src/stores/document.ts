import { partOf } from '@/contract/part'
import type { Payload } from '@/contract/types'
import { type ExaminationHead, isMeasured } from './openExamination'

/** Stands as the reason for findings that were taken before a rule of the safety check applied, as the server writes it. */
const BEFORE_GATE = 'recorded before the gate'
/** Kept as `{ entries: […] }`, and a list in the document. */
const LISTS = ['earlierFinding', 'pulseChecks']

export interface Entered {
  head: ExaminationHead
  /** What is on screen, by part, in the order first entered. */
  parts: Iterable<[string, Payload | null]>
  /** Records from before a rule applied. */
  beforeGate: ReadonlySet<string>
}

/** The examination as the document that the core reads: composed as the server composes it, and judged by neither. */
export function documentOf({ head, parts, beforeGate }: Entered): Record<string, unknown> | null {
  const { basis } = head
  // One that an older version of this page kept has none.
  if (!basis) return null
  const document: Record<string, unknown> = {
    format: basis.format,
    version: basis.version,
    id: head.id,
    examinedAt: head.examinedAt,
  }
  const findings: object[] = []
  for (const [key, payload] of parts) {
    const part = partOf(key)
    if (part.kind === 'record') {
      if (payload === null || !isMeasured(payload)) continue
      const early = beforeGate.has(key) && payload.override === undefined ? { override: BEFORE_GATE } : {}
      findings.push({ ...payload, ...early, manoeuvre: part.manoeuvre, side: part.side })
    } else if (payload === null) continue
    else if (part.name === 'frame') Object.assign(document, payload)
    else document[part.name] = LISTS.includes(part.name) ? (payload.entries ?? []) : payload
  }
  if (basis.baseline !== null && document.otherKneeReliable === false) document.baseline = basis.baseline
  if (basis.earlier.length > 0) document.earlier = basis.earlier
  if (basis.known.length > 0) document.known = basis.known
  return { ...document, findings }
}
