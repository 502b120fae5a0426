/** Server and device multiply and add in other steps: numbers this close are the same. */
const CLOSE = 1e-12

/**
 * The first place at which two assessments differ, as `plan.play`; null where they are the same.
 *
 * @param here of this device; what only it tells is not compared
 */
export function firstDifference(here: unknown, there: unknown, path = ''): string | null {
  if (typeof here === 'number' && typeof there === 'number')
    return Math.abs(here - there) <= CLOSE * Math.max(1, Math.abs(there)) ? null : path
  if (!isCompound(here) || !isCompound(there)) return here === there ? null : path
  if (Array.isArray(there) && (!Array.isArray(here) || here.length !== there.length)) return path
  for (const [key, value] of Object.entries(there)) {
    const found = firstDifference(here[key], value, path === '' ? key : `${path}.${key}`)
    if (found !== null) return found
  }
  return null
}

function isCompound(value: unknown): value is Record<string, unknown> {
  return typeof value === 'object' && value !== null
}
