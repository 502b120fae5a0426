import { Unreachable } from '@/api/client'
import { shelve, shelved } from './shelf'
import { vault } from './vault'
import { t } from '@/messages/sync'

export interface Read<T> {
  value: T
  /** When this device last saw it (ISO 8601), where the server did not answer; null when it did. */
  keptAt: string | null
}

/** Longer than this nobody waits for what the device can show already (ms). */
const PATIENCE_MS = 4_000

/**
 * Asks the server and keeps the answer; while it is away, or slow, gives what was kept.
 *
 * @throws what `ask` throws, where nothing was kept or the server answered with a refusal
 */
export async function readThrough<T>(name: string, ask: () => Promise<T>): Promise<Read<T>> {
  const own = vault()?.user
  const asked = ask()
  // Both are on their way at once; a refusal is told below, and not as one that nobody waited for.
  asked.catch(() => undefined)
  const kept = await shelved<T>(name)
  try {
    const value = await (kept === null ? asked : Promise.race([asked, patience()]))
    // Another person may have logged in meanwhile: what was asked for the one before is not for their shelf.
    if (vault()?.user === own) void shelve(name, value)
    return { value, keptAt: null }
  } catch (error) {
    if (kept === null || !(error instanceof Unreachable)) throw error
    return { value: kept.value, keptAt: kept.at }
  }
}

function patience(): Promise<never> {
  return new Promise((_, reject) =>
    setTimeout(() => reject(new Unreachable(t('readThrough.theServerTakesTooLongTo'))), PATIENCE_MS),
  )
}
