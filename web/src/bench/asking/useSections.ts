import type { Payload, Question, SectionName, Value } from '@/contract/types'
import { useExamination } from '@/stores/examination'
import { useOpenExamination } from '@/stores/openExamination'

/** Ways of answering the questions of a section, one tap each. */
export function useSections() {
  const examination = useExamination()
  const opened = useOpenExamination()

  /** An undefined or empty answer takes the question back to “not asked”. */
  function answer(section: SectionName, part: Payload): void {
    const next = { ...opened.answers(section), ...part }
    for (const [key, value] of Object.entries(next)) if (value === undefined || value === '') delete next[key]
    examination.saveSection(section, next)
  }

  /** A second tap on the same answer takes it back. */
  function toggle(section: SectionName, key: string, value: Value): void {
    answer(section, { [key]: opened.answers(section)[key] === value ? undefined : value })
  }

  /** Answers “no” wherever nothing was answered yet. */
  function none(section: SectionName, questions: Question[]): void {
    answer(section, Object.fromEntries(questions.map(({ key }) => [key, opened.answers(section)[key] ?? false])))
  }

  return { answer, toggle, none }
}
