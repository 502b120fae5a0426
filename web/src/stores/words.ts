import type { Catalogue } from '@/contract/types'
import { t } from '@/messages/stores'
import { dayAndMonth } from '@/shared/dates'
import { capital } from '@/shared/words'
import { useCatalogue } from './catalogue'

/** What a code is called, as the catalogue has it. */
export function inWords(code: string): string {
  return useCatalogue().word(code)
}

export function asHeading(code: string): string {
  return capital(inWords(code))
}

/**
 * What a practitioner calls a finding: a sign, the sign of an earlier visit as `lachman@2026-11-05`, or a look at a
 * condition as `scan_mri:acl`.
 */
export function findingName(finding: string, catalogue: Catalogue | null): string {
  const [sign = '', visit] = finding.replace(/:.*$/, '').split('@')
  const label = catalogue?.signs[sign]
  const name = label === undefined ? asHeading(sign) : capital(label)
  return visit === undefined ? name : t('findings.onDay', { finding: name, day: dayAndMonth(visit.slice(0, 10)) })
}

/** The same for a result that may have been found at an earlier visit. */
export function resultName(
  { finding, carriedFrom }: { finding: string; carriedFrom?: string | null },
  catalogue: Catalogue | null,
): string {
  return findingName(carriedFrom ? `${finding}@${carriedFrom}` : finding, catalogue)
}

/** A finding with what it showed. */
export function withOutcome(finding: string, outcome: string): string {
  if (outcome === 'positive') return t('outcomes.positive', { finding })
  return outcome === 'negative' ? t('outcomes.negative', { finding }) : t('outcomes.equivocal', { finding })
}
