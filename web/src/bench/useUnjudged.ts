import { useTimeoutFn } from '@vueuse/core'
import { computed, ref, watch } from 'vue'
import { useExamination } from '@/stores/examination'
import { useOpenExamination } from '@/stores/openExamination'
import { useVerdict } from '@/stores/verdict'
import { useQuestions } from './asking/useQuestions'
import { t } from '@/messages/bench'

/** A verdict that comes within this is not announced: the notice would move the questions under a finger (ms). */
const LATE_MS = 1_000

/** What was entered and not judged yet, and what it says at once without any judgement. */
export function useUnjudged() {
  const examination = useExamination()
  const opened = useOpenExamination()
  const verdict = useVerdict()
  const { gate, also } = useQuestions()

  /** Entries that the server does not have yet. */
  const count = computed(() => examination.waitingCount)
  /** The rules on this device have judged all of them. */
  const isJudgedHere = computed(() => count.value > 0 && !examination.isAhead)
  const words = computed(() =>
    isJudgedHere.value
      ? t('useUnjudged.judgedOnThisDevice', { n: count.value })
      : t('useUnjudged.entriesNotJudgedYet', { n: count.value }),
  )
  const isOverdue = ref(false)
  const { start, stop } = useTimeoutFn(() => (isOverdue.value = true), LATE_MS, { immediate: false })
  watch(
    () => count.value > 0,
    (isWaiting) => {
      isOverdue.value = false
      if (isWaiting) start()
      else stop()
    },
    { immediate: true },
  )
  /** The verdict is overdue, or known not to come just now. */
  const isLate = computed(() => count.value > 0 && (isOverdue.value || examination.saveState !== 'saving'))
  /** Said where this device judges by other rules or figures than the server did last. */
  const otherRules = computed(() => {
    const [here, there] = [verdict.here?.assessment, verdict.told]
    if (!isJudgedHere.value || !here || !there) return ''
    const isSame = here.rules === there.rules && here.evidence.digest === there.evidence.digest
    return isSame ? '' : t('useUnjudged.otherRules', { rules: here.rules })
  })
  /** Of answers that are an emergency whatever else is known, in the words of the rule. */
  const alarms = computed(() => {
    if (isJudgedHere.value || !examination.waitingFor.has('safety')) return []
    const answers = opened.answers('safety')
    const said = [...gate.value, ...also.value].filter(({ key, alarm }) => alarm !== null && answers[key] === true)
    // The verdict may say it already, a moment before the entry is known to be stored: then once is enough.
    const lines = new Set((verdict.assessment?.safety.lines ?? []).map(({ say }) => say))
    return [...new Map(said.map(({ ask, alarm }) => [alarm!, ask]))]
      .filter(([say]) => !lines.has(say))
      .map(([say, ask]) => ({ ask, say }))
  })

  return { count, isJudgedHere, isLate, words, otherRules, alarms }
}
