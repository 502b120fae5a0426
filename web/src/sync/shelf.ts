import { vault } from './vault'

/** Something read from the server, with the time (ISO 8601, UTC) at which it was put here. */
export interface Shelved<T> {
  at: string
  value: T
}

/** Raised with every change of what is kept: a screen of today is not drawn from an answer of yesterday's shape. */
const FORM = 3
const PREFIX = 'shelf/'
const EXAMINATIONS = 'examination/'
/** As many as two busy days; older ones are read from the server. */
const MOST_EXAMINATIONS = 40
/** Being put away now: who clears the shelf waits for these, or one would land on it afterwards. */
const underway = new Set<Promise<void>>()

export function examinationName(id: string): string {
  return EXAMINATIONS + id
}

/**
 * Keeps what was read from the server, encrypted, to go on with while it is away. Where the device keeps nothing it is
 * only missed then, so that nothing is thrown.
 */
export async function shelve(name: string, value: unknown): Promise<void> {
  const safe = vault()
  if (safe === null) return
  const kept = { form: FORM, at: new Date().toISOString(), value } satisfies Shelved<unknown> & { form: number }
  // The state of saving tells when the device keeps nothing; this here is on the server already.
  const put = safe.write(PREFIX + name, kept).catch(() => undefined)
  underway.add(put)
  await put
  underway.delete(put)
}

/** Null where nothing was kept under this name, or by an earlier version in another shape. */
export async function shelved<T>(name: string): Promise<Shelved<T> | null> {
  try {
    const kept = await vault()?.read<Shelved<T> & { form?: number }>(PREFIX + name)
    return kept?.form === FORM ? kept : null
  } catch {
    return null
  }
}

/** Lets one go. */
export async function unshelve(name: string): Promise<void> {
  await Promise.all(underway)
  await vault()?.remove(PREFIX + name)
}

/** Lets the examinations go that were opened longest ago. */
export async function tidyShelf(): Promise<void> {
  const safe = vault()
  const names = (await safe?.names(PREFIX + EXAMINATIONS)) ?? []
  if (safe === null || names.length <= MOST_EXAMINATIONS) return
  const kept = await Promise.all(
    names.map(async (name) => ({ name, at: (await safe.read<Shelved<unknown>>(name))?.at ?? '' })),
  )
  kept.sort((a, b) => b.at.localeCompare(a.at))
  for (const { name } of kept.slice(MOST_EXAMINATIONS)) await safe.remove(name)
}

/** At log-out: nothing that the server holds anyway stays on the device. */
export async function clearShelf(): Promise<void> {
  const safe = vault()
  await Promise.all(underway)
  for (const name of (await safe?.names(PREFIX)) ?? []) await safe?.remove(name)
}
