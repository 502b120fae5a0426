import type { Catalogue } from '@/contract/types'
import { capital } from '@/shared/words'
import { useCatalogue } from './catalogue'

/** What a code is called, as the catalogue has it. */
export function inWords(code: string): string {
  return useCatalogue().word(code)
}

export function asHeading(code: string): string {
  return capital(inWords(code))
}

/** What a practitioner calls a finding. */
export function findingName(finding: string, catalogue: Catalogue | null): string {
  const label = catalogue?.signs[finding]
  return label === undefined ? asHeading(finding) : capital(label)
}
