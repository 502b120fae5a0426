import { computed, ref, watch } from 'vue'
import { answerOf, api } from '@/api/client'
import type { AthleteText } from '@/contract/types'
import { useNewest } from '@/shared/useNewest'

export interface AthleteTextOptions {
  /** The examination; empty while none is open, and for an athlete who reads English. */
  examination: () => string
}

export type AthleteTextReturn = ReturnType<typeof useAthleteText>

/** What the athlete reads in a language other than English; the device does not keep it. */
export function useAthleteText({ examination }: AthleteTextOptions) {
  const text = ref<AthleteText | null>(null)
  const { problem, ask } = useNewest()
  /** Null for an athlete who reads English, for a page that was signed before there were translations, and until it is known. */
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
