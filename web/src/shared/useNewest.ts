import { ref } from 'vue'
import { t } from '@/messages/shared'

/** Asks again as often as it is told to; the newest question counts, however late the answers to others come. */
export function useNewest(otherwise = t('useNewest.thisCouldNotBeLoaded')) {
  const asking = ref(false)
  const problem = ref('')
  let asked = 0

  async function ask<T>(question: () => Promise<T>, answered: (answer: T) => void): Promise<void> {
    const mine = ++asked
    asking.value = true
    try {
      const answer = await question()
      if (mine !== asked) return
      problem.value = ''
      answered(answer)
    } catch (error) {
      if (mine === asked) problem.value = error instanceof Error ? error.message : otherwise
    } finally {
      if (mine === asked) asking.value = false
    }
  }

  return { asking, problem, ask }
}
