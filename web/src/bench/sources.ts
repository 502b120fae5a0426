import type { FigureSources, Payload } from '@/contract/types'

/**
 * Which instruments took the figures of a record, after some of it changed: a figure that is entered by hand, taken back
 * or replaced has no instrument any more.
 */
export function sourcesAfter(before: Payload, part: Payload): FigureSources | undefined {
  const said = (part.by ?? before.by ?? {}) as FigureSources
  const after = { ...before, ...part }
  const kept = Object.entries(said).filter(
    ([field]) => after[field] !== undefined && (part.by !== undefined || !(field in part)),
  )
  return kept.length === 0 ? undefined : Object.fromEntries(kept)
}
