import type { Payload, Side } from '@/contract/types'
import { kneeOf } from '@/shared/words'
import { inWords } from '@/stores/words'
import { t } from '@/messages/bench'

export interface Written {
  /** Every part that the manoeuvre has. */
  sides: (Side | 'both')[]
  /** Those that held nothing and were filled. */
  filled: (Side | 'both')[]
}

const nameOf = (side: Side | 'both'): string => (side === 'both' ? t('written.bothLegs') : kneeOf(side))

/** What one press for both knees wrote, and what it left as it was. */
export function inOneLine(manoeuvre: string, payload: Payload, { sides, filled }: Written): string {
  if (filled.length === 0) return t('written.nothingChangedTheRecordedFinding', { manoeuvre })
  const what = payload.normal === true ? 'normal' : t('written.notDone', { notDone: inWords(String(payload.notDone)) })
  const kept = sides.filter((side) => !filled.includes(side))
  const where = filled.length > 1 ? t('written.bothKnees') : filled.map(nameOf).join()
  return kept.length === 0
    ? `${manoeuvre}: ${where} ${what}.`
    : t('written.theKeepsItsRecordedFinding', { manoeuvre, where, what, side: kept.map(nameOf).join() })
}
