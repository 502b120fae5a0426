import { answerOf, api } from '@/api/client'
import type { ListedAthlete } from '@/contract/types'
import { shelve, shelved } from '@/sync'

const NAME = 'athletes'
/** A list younger than this is new enough to start from (ms). */
const FRESH_MS = 3_600_000

/** Puts the athletes of the team on this device, so that one can be examined without the server. */
export async function keepRoster(): Promise<void> {
  const kept = await shelved<ListedAthlete[]>(NAME)
  if (kept !== null && Date.now() - Date.parse(kept.at) < FRESH_MS) return
  try {
    await shelve(NAME, await answerOf(api.GET('/api/athletes')))
  } catch {
    // The one that is here stays; the next log-in tries again.
  }
}

/** The athletes on this device whose name, number or squad holds each of the words; null where it has no list. */
export async function rosterHere(search: string): Promise<ListedAthlete[] | null> {
  const kept = await shelved<ListedAthlete[]>(NAME)
  if (kept === null) return null
  const words = plain(search).split(/\s+/).filter(Boolean)
  return kept.value.filter(({ name, number, squad }) => {
    const text = plain(`${name} ${number ?? ''} ${squad}`)
    return words.every((word) => text.includes(word))
  })
}

/** Small letters without their marks, as they are typed in a hurry. */
function plain(text: string): string {
  return text.normalize('NFD').replace(/\p{M}/gu, '').toLowerCase()
}
