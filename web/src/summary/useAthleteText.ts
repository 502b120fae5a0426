import { computed, ref, watch } from 'vue'
import { answerOf, api } from '@/api/client'
import type { AthleteText } from '@/contract/types'
import { useNewest } from '@/shared/useNewest'

export interface AthleteTextOptions {
  /** The examination; empty while none is open. */
  examination: () => string
}

export type AthleteTextReturn = ReturnType<typeof useAthleteText>

/** What the athlete reads in a language other than English, asked for as soon as an examination is open. */
export function useAthleteText({ examination }: AthleteTextOptions) {
  const text = ref<AthleteText | null>(null)
  const { problem, ask } = useNewest('The translation could not be loaded.')
  /** Null for an athlete who reads English, and until it is known. */
  const translation = computed(() => (text.value?.isOriginal === false ? text.value : null))

  watch(
    examination,
    (id) => {
      text.value = null
      if (id === '') return
      const params = { path: { examination: id } }
      void ask(
        () => answerOf(api.GET('/api/examinations/{examination}/athlete-text', { params })),
        (answer) => (text.value = answer),
      )
    },
    { immediate: true },
  )

  return { translation, problem }
}
