import { answerOf, api } from '@/api/client'
import type { AthletePast, Start } from '@/contract/types'
import { daysSince } from '@/shared/dates'
import { whenIdle } from '@/shared/whenIdle'
import { type Shelved, shelve, shelved } from '@/sync'
import { useSession } from './session'

export type KneePast = AthletePast['knees'][number]

/** Of athletes who are looked at, what is younger than this is new enough to start from (ms). */
const FRESH_MS = 600_000

const nameOf = (athlete: string) => `past/${athlete}`

/**
 * Puts what is known of these athletes' knees on this device once the browser is idle, so that an examination started
 * offline has its earlier visits and known results.
 *
 * @param athletes ids
 * @param freshMs what is younger than this is not asked for again: each time stands in the audit log
 */
export function keepPast(athletes: string[], freshMs = FRESH_MS): void {
  if (useSession().user?.examines !== true || athletes.length === 0) return
  whenIdle(() => void keepEach(athletes, freshMs))
}

async function keepEach(athletes: string[], freshMs: number): Promise<void> {
  for (const athlete of new Set(athletes)) {
    const kept = await pastHere(athlete)
    if (kept !== null && Date.now() - Date.parse(kept.at) < freshMs) continue
    try {
      const path = { athlete }
      await shelve(nameOf(athlete), await answerOf(api.GET('/api/athletes/{athlete}/past', { params: { path } })))
    } catch {
      // What is here stays; the next time the athlete is looked at tries again.
    }
  }
}

/** What this device keeps of an athlete's knees; null: nothing. */
export async function pastHere(athlete: string): Promise<Shelved<AthletePast> | null> {
  return await shelved<AthletePast>(nameOf(athlete))
}

/** The past that an examination begins with: of the same injury, or of the knee before a new one. */
export function pastOf(
  { on, knees }: AthletePast,
  { hurtSide, daysSinceInjury }: Start,
  isBaseline: boolean,
): KneePast | null {
  if (isBaseline) return knees.find((knee) => knee.isBaseline) ?? null
  const ofSide = knees.filter((knee) => !knee.isBaseline && knee.hurtSide === hurtSide)
  const isOfInjury = ({ injuredOn }: KneePast) => (injuredOn === null ? null : daysSince(injuredOn)) === daysSinceInjury
  const past =
    ofSide.find((knee) => knee.episode !== null && isOfInjury(knee)) ?? ofSide.find((k) => k.episode === null)
  return past === undefined ? null : later(past, daysSince(on))
}

/** The same past, seen some days after it was told. */
function later(past: KneePast, days: number): KneePast {
  const shifted = (parts: unknown[]) =>
    (parts as { daysAgo: number }[]).map((part) => ({ ...part, daysAgo: part.daysAgo + days }))
  const { basis } = past
  return { ...past, basis: { ...basis, earlier: shifted(basis.earlier), known: shifted(basis.known) } }
}
