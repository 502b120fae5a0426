/** Without a sign of idleness it begins after this (ms). */
const LATER_MS = 4_000

/**
 * Does what no one waits for once the browser has nothing else to do.
 *
 * @returns calls it off
 */
export function whenIdle(work: () => void): () => void {
  if (!('requestIdleCallback' in window)) {
    const late = setTimeout(work, LATER_MS)
    return () => clearTimeout(late)
  }
  const id = requestIdleCallback(work, { timeout: 2 * LATER_MS })
  return () => cancelIdleCallback(id)
}
