import { computed, onScopeDispose, ref } from 'vue'
import { answerOf, api } from '@/api/client'
import type { TableExport } from '@/contract/types'
import { t } from '@/messages/exchange'
import { useDoing } from '@/shared/useDoing'
import { withPassword } from '@/shared/usePassword'

const ASK_AGAIN_MS = 1_000
/** So that the screen can be left, and the export found again in the same tab. */
const KEPT_UNDER = 'table-export'

/** All signed examinations as tables: asked for, followed while they are written, and saved. */
export function useTableExport() {
  const { busy, problem, attempt } = useDoing(t('tableExport.failed'))
  const id = ref(sessionStorage.getItem(KEPT_UNDER))
  const state = ref<TableExport | null>(null)
  let timer: ReturnType<typeof setTimeout> | undefined
  onScopeDispose(() => clearTimeout(timer))

  const address = computed(() =>
    state.value?.state === 'ready' && id.value ? `/api/table-exports/${id.value}/file` : null,
  )

  async function follow(): Promise<void> {
    if (!id.value) return
    const params = { path: { tableExport: id.value } }
    state.value = await answerOf(api.GET('/api/table-exports/{tableExport}', { params }))
    if (state.value.state === 'failed') throw new Error(t('tableExport.failed'))
    if (state.value.state === 'running') timer = setTimeout(() => void attempt(follow), ASK_AGAIN_MS)
  }

  /** An export of another day is gone: then there is nothing to go on with. */
  async function resume(): Promise<void> {
    await follow().catch(() => forget())
  }

  function forget(): void {
    sessionStorage.removeItem(KEPT_UNDER)
    id.value = state.value = null
  }

  async function ask(): Promise<void> {
    await attempt(async () => {
      forget()
      const made = await withPassword(() => answerOf(api.POST('/api/table-exports')))
      id.value = made.id
      sessionStorage.setItem(KEPT_UNDER, made.id)
      await follow()
    })
  }

  const isRunning = computed(() => state.value?.state === 'running')

  return { busy, problem, state, address, isRunning, ask, resume }
}
