import { type MaybeRefOrGetter, onScopeDispose, toValue, watch } from 'vue'
import type { Assessment } from '@/contract/types'
import { judge, warmJudge } from '@/judge'
import { useVerdict } from './verdict'

/** So long the server is waited for before the device judges what was entered (ms). */
const PATIENCE_MS = 1_500

export interface DeviceVerdictOptions {
  /** The document as it is on screen; null where nothing can be entered on it. */
  document: () => object | null
  /** Document of the visit before, for the route that asks for it. */
  before: () => unknown
  /** How many entries were made so far. */
  entries: MaybeRefOrGetter<number>
  /** Whether the server still lacks one of them. */
  isWaiting: MaybeRefOrGetter<boolean>
  /** Whether it is known not to answer just now. */
  isAway: MaybeRefOrGetter<boolean>
  /** Told once the server has judged what this device had judged. */
  settled: (here: Assessment, there: Assessment) => void
}

export interface DeviceVerdictReturn {
  /** Judges what is on screen now; done when it is judged, or known that it cannot be. */
  judgeNow: () => Promise<void>
}

/** Judges on the device what the server has not judged in time; once the server has everything, its word stands. */
export function useDeviceVerdict(options: DeviceVerdictOptions): DeviceVerdictReturn {
  const { document, before, entries, isWaiting, isAway, settled } = options
  const verdict = useVerdict()
  let late: ReturnType<typeof setTimeout> | undefined
  let isOver = false

  async function judgeNow(): Promise<void> {
    const upTo = toValue(entries)
    const asked = document()
    if (asked === null) return
    try {
      const assessment = await judge(asked, before())
      if (assessment !== null && !isOver && toValue(isWaiting)) verdict.judgedHere(assessment, upTo)
    } catch {
      // What this device cannot judge stays “not judged yet”; a newer entry that came meanwhile is judged next.
    }
  }

  /** What this device said of the same entries is compared with what the server says of them. */
  function trustServer(): void {
    const { here, told } = verdict
    verdict.trustServer()
    if (here !== null && told !== null && here.upTo === toValue(entries)) settled(here.assessment, told)
  }

  watch(
    () => toValue(isAway),
    (away) => away && void warmJudge(),
    { immediate: true },
  )
  watch(
    [() => toValue(entries), () => toValue(isWaiting), () => toValue(isAway)],
    () => {
      clearTimeout(late)
      if (!toValue(isWaiting)) return trustServer()
      late = setTimeout(() => void judgeNow(), toValue(isAway) ? 0 : PATIENCE_MS)
    },
    { immediate: true },
  )
  onScopeDispose(() => {
    isOver = true
    clearTimeout(late)
  })

  return { judgeNow }
}
