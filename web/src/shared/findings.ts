import type { Catalogue } from '@/contract/types'
import { asHeading } from './words'

/** What a practitioner calls a finding: the manoeuvre's name with its side or kind, or the story item. */
const KINDS: Record<string, string> = {
  effusion: 'Effusion',
  arthrometer_difference: 'Arthrometer',
  valgus_30_pain: 'Valgus pain, 30°',
  mcl_tenderness: 'MCL tenderness',
  lcl_tenderness: 'LCL tenderness',
  loss_of_extension: 'Loss of extension',
}

export function findingName(finding: string, catalogue: Catalogue | null): string {
  const known = KINDS[finding]
  if (known) return known
  if (finding.startsWith('story_')) return `${asHeading(finding.slice(6))} (story)`
  const manoeuvre = catalogue?.manoeuvres.find((m) => m.feeds.includes(finding))
  if (!manoeuvre) return asHeading(finding)
  const side = /_(medial|lateral)$/.exec(finding)?.[1]
  return side ? `${manoeuvre.card.name}, ${side}` : manoeuvre.card.name
}
