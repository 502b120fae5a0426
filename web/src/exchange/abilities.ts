import type { TokenAbility } from '@/contract/types'
import { t } from '@/messages/exchange'

/** What a token can open, as it is called. */
export const ABILITIES: Record<TokenAbility, { name: string; say: string }> = {
  read: { name: t('abilities.read'), say: t('abilities.readSay') },
  record: { name: t('abilities.record'), say: t('abilities.recordSay') },
  export: { name: t('abilities.export'), say: t('abilities.exportSay') },
  fhir: { name: t('abilities.fhir'), say: t('abilities.fhirSay') },
}

export const ABILITY_IDS = Object.keys(ABILITIES) as TokenAbility[]
