import { computed } from 'vue'
import { useExamination } from '@/stores/examination'
import { useOpenExamination } from '@/stores/openExamination'
import { useVerdict } from '@/stores/verdict'
import { useQuestions } from './asking/useQuestions'
import { t } from '@/messages/bench'

/** What was entered and not judged yet, and what it says at once without any judgement. */
export function useUnjudged() {
  const examination = useExamination()
  const opened = useOpenExamination()
  const verdict = useVerdict()
  const { gate, also } = useQuestions()

  /** Entries that no answer of the server contains yet. */
  const count = computed(() => examination.waitingFor.size)
  const words = computed(() => t('useUnjudged.entriesNotJudgedYet', { n: count.value }))
  /** Of answers that are an emergency whatever else is known, in the words of the rule. */
  const alarms = computed(() => {
    if (!examination.waitingFor.has('safety')) return []
    const answers = opened.answers('safety')
    const said = [...gate.value, ...also.value].filter(({ key, alarm }) => alarm !== null && answers[key] === true)
    // The verdict may say it already, a moment before the entry is known to be stored: then once is enough.
    const lines = new Set((verdict.assessment?.safety.lines ?? []).map(({ say }) => say))
    return [...new Map(said.map(({ ask, alarm }) => [alarm!, ask]))]
      .filter(([say]) => !lines.has(say))
      .map(([say, ask]) => ({ ask, say }))
  })

  return { count, words, alarms }
}
