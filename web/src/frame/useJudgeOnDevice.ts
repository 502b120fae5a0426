import { useDocumentVisibility, useTimeoutFn } from '@vueuse/core'
import { onScopeDispose, watch } from 'vue'
import { getJudge, lookForJudge, restJudge, warmJudge } from '@/judge'
import { keepRoster } from '@/stores/roster'
import { useSession } from '@/stores/session'

/** What browsers tell of the line, where they tell it. */
interface Line {
  saveData?: boolean
  effectiveType?: string
}

const SLOW = ['slow-2g', '2g', '3g']
/** Without a sign of idleness it begins after this (ms). */
const LATER_MS = 4_000
/** A page that nobody looks at for so long gives its memory back (ms). */
const LONGEST_HIDDEN_MS = 600_000

/** On a metered or slow line nobody is made to pay for it: then it is got by a press alone. */
function isCheap(): boolean {
  const line = (navigator as { connection?: Line }).connection
  return line?.saveData !== true && !SLOW.includes(line?.effectiveType ?? '')
}

function whenIdle(work: () => void): () => void {
  if (!('requestIdleCallback' in window)) {
    const late = setTimeout(work, LATER_MS)
    return () => clearTimeout(late)
  }
  const id = requestIdleCallback(work, { timeout: 2 * LATER_MS })
  return () => cancelIdleCallback(id)
}

/**
 * Gets the rules and the list of athletes onto the device of a person who examines, once the browser is idle; newer ones
 * take their place.
 */
export function useJudgeOnDevice(): void {
  const session = useSession()
  let cancel: (() => void) | undefined

  async function prepare(): Promise<void> {
    if (navigator.onLine) void keepRoster()
    if (!('caches' in window)) return
    const isHere = await lookForJudge()
    if (navigator.onLine && (isHere || isCheap())) await getJudge()
    else if (!navigator.onLine) await warmJudge()
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
