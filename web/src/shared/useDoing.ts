import { ref } from 'vue'
import { t } from '@/messages/shared'

/** One thing at a time that may go wrong: what went wrong is told, and nothing is pressed twice. */
export function useDoing(otherwise = t('useDoing.thatFailedNothingWasChanged')) {
  const busy = ref(false)
  const problem = ref('')

  /** @returns whether it was done */
  async function attempt(act: () => Promise<unknown>): Promise<boolean> {
    if (busy.value) return false
    busy.value = true
    problem.value = ''
    try {
      await act()
      return true
    } catch (error) {
      problem.value = error instanceof Error ? error.message : otherwise
      return false
    } finally {
      busy.value = false
    }
  }

  return { busy, problem, attempt }
}
