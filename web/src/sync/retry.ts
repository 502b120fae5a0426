import { useOnline } from '@vueuse/core'
import { onScopeDispose, watch } from 'vue'

export interface RetryOptions {
  /** Runs again and again while it is not stopped. */
  attempt: () => void
  /** The first wait, doubled each time up to the longest (ms). */
  first?: number
  longest?: number
  /** From 0 to 1: where between half a wait and a whole one it ends. */
  random?: () => number
}

export type RetryReturn = ReturnType<typeof useRetry>

/**
 * Tries again later, each time a little later, and at once when the network comes back; ends with its scope. The waits
 * of many devices that lost the same server differ, so that they do not all come back at the same moment.
 */
export function useRetry({ attempt, first = 2_000, longest = 30_000, random = Math.random }: RetryOptions) {
  let timer: ReturnType<typeof setTimeout> | undefined
  let tries = 0

  function later(): void {
    clearTimeout(timer)
    timer = setTimeout(attempt, Math.min(first * 2 ** tries++, longest) * (0.5 + random() / 2))
  }

  /** It worked: the next failure begins with the first wait. */
  function done(): void {
    clearTimeout(timer)
    tries = 0
  }

  watch(useOnline(), (back) => back && attempt())
  onScopeDispose(() => clearTimeout(timer))

  return { later, done }
}
