import type { AthleteProfile } from '@/contract/types'

type Language = Exclude<NonNullable<AthleteProfile['language']>, 'en'>

/** What the athlete's page can be read in beside English; everything else is in English. */
export const TRANSLATIONS: readonly { id: Language; label: string }[] = [
  { id: 'de', label: 'German' },
  { id: 'es', label: 'Spanish' },
  { id: 'fr', label: 'French' },
]

/** Null for English, and where nobody said. */
export function translationName(language: string | null | undefined): string | null {
  return TRANSLATIONS.find(({ id }) => id === language)?.label ?? null
}
