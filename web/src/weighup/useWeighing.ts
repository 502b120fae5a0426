import { useDebounceFn } from '@vueuse/core'
import { type Ref, ref, shallowRef, watch } from 'vue'
import { ApiError, answerOf, api } from '@/api/client'
import type { Problem, WeighUp } from '@/contract/types'
import { preferServer, weighUp } from '@/judge'
import { t } from '@/messages/weighup'

const SETTLE_MS = 60

/** Weighs a problem anew whenever it changes; the latest answer wins, and the last good one stays on a fault. */
export function useWeighing(problem: Ref<Problem | null>, condition: Ref<string>, order: Ref<string[]>) {
  const weighed = shallowRef<WeighUp | null>(null)
  const fault = ref('')
  /** This device weighed it, since the server did not answer. */
  const isHere = ref(false)
  let latest = 0

  async function weigh(): Promise<void> {
    if (!problem.value) return
    const mine = ++latest
    const query = { condition: condition.value, order: order.value.join(',') }
    try {
      const body = problem.value
      const answer = await preferServer(
        () => answerOf(api.POST('/api/weigh', { params: { query }, body })),
        () => weighUp(body, condition.value, order.value),
      )
      if (mine === latest) [weighed.value, isHere.value, fault.value] = [answer.value, answer.isHere, '']
    } catch (error) {
      if (mine === latest)
        fault.value =
          error instanceof ApiError && error.fault.path
            ? `${error.fault.path}: ${error.fault.reason}`
            : error instanceof Error
              ? error.message
              : t('useWeighing.itCouldNotBeWeighed')
    }
  }

  watch([problem, condition, order], useDebounceFn(weigh, SETTLE_MS), { deep: true, immediate: true })

  return { weighed, isHere, fault }
}
