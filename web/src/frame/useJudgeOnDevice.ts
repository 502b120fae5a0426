import { useDocumentVisibility, useTimeoutFn } from '@vueuse/core'
import { onScopeDispose, watch } from 'vue'
import { getJudge, lookForJudge, restJudge, warmJudge } from '@/judge'
import { whenIdle } from '@/shared/whenIdle'
import { useCatalogue } from '@/stores/catalogue'
import { keepRoster } from '@/stores/roster'
import { useSession } from '@/stores/session'

/** What browsers tell of the line, where they tell it. */
interface Line {
  saveData?: boolean
  effectiveType?: string
}

const SLOW = ['slow-2g', '2g', '3g']
/** A page that nobody looks at for so long gives its memory back (ms). */
const LONGEST_HIDDEN_MS = 600_000

/** On a metered or slow line nobody is made to pay for it: then it is got by a press alone. */
function isCheap(): boolean {
  const line = (navigator as { connection?: Line }).connection
  return line?.saveData !== true && !SLOW.includes(line?.effectiveType ?? '')
}

/**
 * Gets onto the device of a person who examines, once the browser is idle, what an examination without the server needs:
 * the rules, the list of athletes, and the catalogue. Newer ones take their place.
 */
export function useJudgeOnDevice(): void {
  const session = useSession()
  const catalogue = useCatalogue()
  let cancel: (() => void) | undefined

  async function prepare(): Promise<void> {
    if (!('caches' in window)) return
    const isHere = await lookForJudge()
    if (!navigator.onLine) return warmJudge()
    if (!isHere && !isCheap()) return
    await getJudge()
    await keepRoster()
    await catalogue.load().catch(() => undefined)
  }

  watch(
    () => (session.user?.examines === true ? `${session.user.id} ${session.user.team}` : null),
    (examiner) => {
      cancel?.()
      if (examiner !== null) cancel = whenIdle(() => void prepare())
    },
    { immediate: true },
  )
  const visibility = useDocumentVisibility()
  const { start, stop } = useTimeoutFn(restJudge, LONGEST_HIDDEN_MS, { immediate: false })
  watch(visibility, (now) => (now === 'hidden' ? start() : stop()))
  onScopeDispose(() => cancel?.())
}
