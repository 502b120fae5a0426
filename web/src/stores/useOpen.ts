import { type MaybeRefOrGetter, computed, onMounted, ref, toValue, watch } from 'vue'
import { type RouteLocationRaw, useRouter } from 'vue-router'
import { useCatalogue } from './catalogue'
import { useExamination } from './examination'
import { type ExaminationHead, useOpenExamination } from './openExamination'
import { keepPast } from './past'
import { useVerdict } from './verdict'
import { t } from '@/messages/stores'

export interface OpenOptions {
  /** Id of the examination. */
  id: MaybeRefOrGetter<string>
  /**
   * Reads it from the server even where it is open already.
   *
   * @default false
   */
  anew?: boolean
  /** Where this screen does not fit: the one that does. */
  elsewhere?: (head: ExaminationHead) => RouteLocationRaw | null
  afterwards?: () => void | Promise<void>
}

/** Opens an examination for a screen, and says when it is there, or why not. */
export function useOpen({ id, anew = false, elsewhere, afterwards }: OpenOptions) {
  const router = useRouter()
  const catalogue = useCatalogue()
  const examination = useExamination()
  const opened = useOpenExamination()
  const verdict = useVerdict()
  /** Empty while nothing is wrong. */
  const problem = ref('')

  const ready = computed(
    () => catalogue.catalogue !== null && opened.head?.id === toValue(id) && verdict.assessment !== null,
  )

  async function load(): Promise<void> {
    const wanted = toValue(id)
    try {
      const isThere = !anew && examination.isOpen(wanted)
      await Promise.all([catalogue.load(), isThere ? null : examination.open(wanted)])
      if (turnAway()) return
      problem.value = ''
      if (opened.head) keepPast([opened.head.athlete.id])
      await afterwards?.()
    } catch (error) {
      problem.value = error instanceof Error ? error.message : t('useOpen.itCouldNotBeOpened')
    }
  }

  function turnAway(): boolean {
    const to = opened.head && elsewhere ? elsewhere(opened.head) : null
    if (to) void router.replace(to)
    return to !== null
  }

  watch(() => toValue(id), load)
  // It may have been signed by another person while this device was without the server.
  watch(
    () => opened.head?.status,
    (status) => ready.value && status === 'signed' && turnAway(),
  )
  onMounted(load)

  return { ready, problem, load }
}
