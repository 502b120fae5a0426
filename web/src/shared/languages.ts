import type { AthleteProfile } from '@/contract/types'
import { t } from '@/messages/shared'

type Language = Exclude<NonNullable<AthleteProfile['language']>, 'en'>

/** What the athlete's page can be read in beside English; everything else is in English. */
export const TRANSLATIONS: readonly { id: Language; label: string }[] = [
  { id: 'de', label: t('languages.german') },
  { id: 'es', label: t('languages.spanish') },
  { id: 'fr', label: t('languages.french') },
]

/** Null for English, and where nobody said. */
export function translationName(language: string | null | undefined): string | null {
  return TRANSLATIONS.find(({ id }) => id === language)?.label ?? null
}
