import type { Catalogue } from '@/contract/types'
import { asHeading, capital } from './words'

/** What a practitioner calls a finding. */
export function findingName(finding: string, catalogue: Catalogue | null): string {
  const label = catalogue?.signs[finding]
  return label === undefined ? asHeading(finding) : capital(label)
}
