import { onScopeDispose, ref } from 'vue'
import { answerOf, api } from '@/api/client'
import { useDoing } from '@/shared/useDoing'
import { withPassword } from '@/shared/usePassword'
import { t } from '@/messages/exchange'

const ASK_AGAIN_MS = 1_000
/** Some hundred visits take a minute; after this the server has given up. */
const LONGEST_MS = 300_000

/** Everything on one athlete as a file: asked for, waited for, and handed to the browser. */
export function useExport() {
  const { problem, attempt } = useDoing(t('useExport.theExportCouldNotBeMade'))
  const isMaking = ref(false)
  let isGone = false
  onScopeDispose(() => (isGone = true))

  async function ready(id: string): Promise<void> {
    const params = { path: { export: id } }
    for (let waited = 0; waited < LONGEST_MS && !isGone; waited += ASK_AGAIN_MS) {
      const { state } = await answerOf(api.GET('/api/exports/{export}', { params }))
      if (state === 'ready') return location.assign(`/api/exports/${id}/file`)
      if (state === 'failed') break
      await new Promise((later) => setTimeout(later, ASK_AGAIN_MS))
    }
    if (!isGone) throw new Error('The export could not be made. Try again, or ask the administrator of the server.')
  }

  async function take(athlete: string): Promise<void> {
    isMaking.value = true
    await attempt(async () => {
      const params = { path: { anyone: athlete } }
      const { id } = await withPassword(() => answerOf(api.POST('/api/athletes/{anyone}/archive', { params })))
      await ready(id)
    })
    isMaking.value = false
  }

  return { take, isMaking, problem }
}
