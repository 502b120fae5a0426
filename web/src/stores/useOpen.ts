import { type MaybeRefOrGetter, computed, onMounted, ref, toValue, watch } from 'vue'
import { type RouteLocationRaw, useRouter } from 'vue-router'
import { useCatalogue } from './catalogue'
import { useExamination } from './examination'
import { type RecordHead, useRecord } from './record'
import { useVerdict } from './verdict'

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
  elsewhere?: (head: RecordHead) => RouteLocationRaw | null
  opened?: () => void | Promise<void>
}

/** Opens an examination for a screen, and says when it is there, or why not. */
export function useOpen({ id, anew = false, elsewhere, opened }: OpenOptions) {
  const router = useRouter()
  const catalogue = useCatalogue()
  const examination = useExamination()
  const record = useRecord()
  const verdict = useVerdict()
  /** Empty while nothing is wrong. */
  const problem = ref('')

  const ready = computed(
    () => catalogue.catalogue !== null && record.head?.id === toValue(id) && verdict.assessment !== null,
  )

  async function load(): Promise<void> {
    const wanted = toValue(id)
    try {
      const isThere = !anew && examination.isOpen(wanted)
      await Promise.all([catalogue.load(), isThere ? null : examination.open(wanted)])
      if (turnAway()) return
      problem.value = ''
      await opened?.()
    } catch (error) {
      problem.value = error instanceof Error ? error.message : 'It could not be opened.'
    }
  }

  function turnAway(): boolean {
    const to = record.head && elsewhere ? elsewhere(record.head) : null
    if (to) void router.replace(to)
    return to !== null
  }

  watch(() => toValue(id), load)
  // It may have been signed by somebody else while this device was without the server.
  watch(
    () => record.head?.status,
    (status) => ready.value && status === 'signed' && turnAway(),
  )
  onMounted(load)

  return { ready, problem, load }
}
