import { Unreachable } from '@/api/client'

/** So long the server is waited for before this device answers (ms). */
const PATIENCE_MS = 1_500

/** An answer, and whether this device gave it. */
export interface Preferred<T> {
  value: T
  isHere: boolean
}

/**
 * The server's answer is always preferred; what it has not answered in time, or cannot while it is away, this device
 * answers by the same rules.
 *
 * @param onDevice null where the rules are not on this device: then the server is waited for
 * @throws what the server, or in its place this device, refuses
 */
export async function preferServer<T>(
  ask: () => Promise<T>,
  onDevice: () => Promise<T | null>,
  patience = PATIENCE_MS,
): Promise<Preferred<T>> {
  const asked = ask()
  // A refusal is told below; one that comes after this device has answered is nobody's any more.
  asked.catch(() => undefined)
  const told = navigator.onLine ? await inTime(asked, patience) : null
  if (told !== null) return { value: told, isHere: false }
  const value = await onDevice()
  return value === null ? { value: await asked, isHere: false } : { value, isHere: true }
}

/** Null where it does not come in time, or the server is away. */
async function inTime<T>(asked: Promise<T>, patience: number): Promise<T | null> {
  let late: ReturnType<typeof setTimeout> | undefined
  try {
    return await Promise.race([asked, new Promise<null>((done) => (late = setTimeout(() => done(null), patience)))])
  } catch (error) {
    if (error instanceof Unreachable) return null
    throw error
  } finally {
    clearTimeout(late)
  }
}
