import type { Catalogue } from '@/contract/types'
import { asHeading, capital } from './words'

/** What a practitioner calls a finding. */
export function findingName(finding: string, catalogue: Catalogue | null): string {
  const label = catalogue?.signs[finding]
  return label === undefined ? asHeading(finding) : capital(label)
}

/** What a result of the history has in place of a manoeuvre. */
const HISTORY = 'history'

/** Whether a hand found it, and it was not told. */
export function isByHand({ manoeuvre }: { manoeuvre: string }): boolean {
  return manoeuvre !== HISTORY
}
