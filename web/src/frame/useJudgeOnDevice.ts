import { onScopeDispose, watch } from 'vue'
import { getJudge, lookForJudge, warmJudge } from '@/judge'
import { useSession } from '@/stores/session'

/** What browsers tell of the line, where they tell it. */
interface Line {
  saveData?: boolean
  effectiveType?: string
}

const SLOW = ['slow-2g', '2g', '3g']
/** Without a sign of idleness it begins after this (ms). */
const LATER_MS = 4_000

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

/** Gets the rules onto the device of a person who examines, once the browser is idle; a newer version takes their place. */
export function useJudgeOnDevice(): void {
  const session = useSession()
  let cancel: (() => void) | undefined

  async function prepare(): Promise<void> {
    if (!('caches' in window)) return
    const isHere = await lookForJudge()
    if (navigator.onLine && (isHere || isCheap())) await getJudge()
    else if (!navigator.onLine) await warmJudge()
  }

  watch(
    () => session.user?.examines === true,
    (examines) => {
      cancel?.()
      if (examines) cancel = whenIdle(() => void prepare())
    },
    { immediate: true },
  )
  onScopeDispose(() => cancel?.())
}
