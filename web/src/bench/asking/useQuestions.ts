import { computed } from 'vue'
import type { Question } from '@/contract/types'
import { useCatalogue } from '@/stores/catalogue'
import { useOpenExamination } from '@/stores/openExamination'
import { useVerdict } from '@/stores/verdict'

/** The questions that this knee is asked, in the order of the catalogue. */
export function useQuestions() {
  const catalogue = useCatalogue()
  const opened = useOpenExamination()
  const verdict = useVerdict()
  const questions = computed(() => catalogue.catalogue?.questions)
  const safety = computed(() => questions.value?.safety ?? [])
  const opens = (question: Question): boolean => (verdict.assessment?.safety.questions ?? []).includes(question.key)

  /** Whether a guardian is asked is shown here; whether hands wait for it, the server says. */
  const opening = computed(() =>
    (questions.value?.opening ?? []).filter(({ underYears }) => underYears === null || isUnder(underYears)),
  )
  const history = computed(() =>
    (questions.value?.history ?? []).filter(({ after }) => after === '' || opened.answers('history')[after] === true),
  )
  const also = computed(() => safety.value.filter((question) => !opens(question)))

  function isUnder(years: number): boolean {
    const age = opened.section('frame').ageYears
    return typeof age === 'number' && age < years
  }

  return {
    opening,
    history,
    episode: computed(() => questions.value?.episode ?? []),
    /** All of them answered open the gate. */
    gate: computed(() => safety.value.filter(opens)),
    also,
    noneAlso: computed(() => also.value.filter(({ goodNews }) => !goodNews)),
  }
}
