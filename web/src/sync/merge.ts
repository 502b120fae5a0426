import type { Payload } from '@/contract/types'

export interface Merge {
  merged: Payload
  /** Questions that both answered, each in another way; `merged` holds mine. */
  clashes: string[]
}

/** Brings together two sets of answers that were made from the same one, question by question. */
export function merge(base: Payload, mine: Payload, theirs: Payload): Merge {
  const merged: Payload = {}
  const clashes: string[] = []
  for (const key of new Set([...Object.keys(theirs), ...Object.keys(mine)])) {
    const iChanged = !same(mine[key], base[key])
    if (iChanged && !same(theirs[key], base[key]) && !same(mine[key], theirs[key])) clashes.push(key)
    const value = iChanged ? mine[key] : theirs[key]
    if (value !== undefined) merged[key] = value
  }
  return { merged, clashes }
}

export function same(a: unknown, b: unknown): boolean {
  return JSON.stringify(sorted(a)) === JSON.stringify(sorted(b))
}

function sorted(value: unknown): unknown {
  if (value === null || typeof value !== 'object' || Array.isArray(value)) return value
  return Object.fromEntries(Object.entries(value).sort(([a], [b]) => a.localeCompare(b)))
}
