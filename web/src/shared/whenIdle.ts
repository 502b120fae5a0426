/** What the screen itself asks for comes first: nothing begins before this (ms). */
const SETTLED_MS = 2_000
/** Where the browser is never idle, or does not tell, it begins after this (ms). */
const LATER_MS = 4_000

/**
 * Does what no one waits for, once the browser has nothing else to do.
 *
 * @returns calls it off
 */
export function whenIdle(work: () => void): () => void {
  let callOff: () => void = () => undefined
  const settled = setTimeout(() => {
    if (!('requestIdleCallback' in window)) {
      const late = setTimeout(work, LATER_MS - SETTLED_MS)
      callOff = () => clearTimeout(late)
      return
    }
    const id = requestIdleCallback(work, { timeout: LATER_MS })
    callOff = () => cancelIdleCallback(id)
  }, SETTLED_MS)
  return () => {
    clearTimeout(settled)
    callOff()
  }
}
