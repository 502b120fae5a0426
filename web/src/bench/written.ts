import type { Payload, Side } from '@/contract/types'
import { inWords } from '@/stores/words'

export interface Written {
  /** Every part that the manoeuvre has. */
  sides: (Side | 'both')[]
  /** Those that held nothing and were filled. */
  filled: (Side | 'both')[]
}

const NAMES: Record<Side | 'both', string> = { left: 'left knee', right: 'right knee', both: 'both legs' }

/** What one press for both knees wrote, and what it left as it was. */
export function inOneLine(manoeuvre: string, payload: Payload, { sides, filled }: Written): string {
  if (filled.length === 0) return `${manoeuvre}: nothing written, what was recorded stays.`
  const what = payload.normal === true ? 'normal' : `not done (${inWords(String(payload.notDone))})`
  const kept = sides.filter((side) => !filled.includes(side))
  const where = filled.length > 1 ? 'both knees' : filled.map((side) => NAMES[side]).join()
  return kept.length === 0
    ? `${manoeuvre}: ${where} ${what}.`
    : `${manoeuvre}: ${where} ${what}, the ${kept.map((side) => NAMES[side]).join()} keeps what was recorded.`
}
