import type { Payload, Question } from '@/contract/types'
import { useExamination } from '@/stores/examination'

/** Ways of answering the questions of a section, one tap each. */
export function useSections() {
  const examination = useExamination()

  /** An undefined or empty answer takes the question back to “not asked”. */
  function answer(section: string, part: Payload): void {
    const next = { ...examination.section(section), ...part }
    for (const [key, value] of Object.entries(next)) if (value === undefined || value === '') delete next[key]
    examination.saveSection(section, next)
  }

  /** A second tap on the same answer takes it back. */
  function toggle(section: string, key: string, value: unknown): void {
    answer(section, { [key]: examination.section(section)[key] === value ? undefined : value })
  }

  /** Answers “no” wherever nothing was answered yet. */
  function none(section: string, questions: Question[]): void {
    answer(section, Object.fromEntries(questions.map(({ key }) => [key, examination.section(section)[key] ?? false])))
  }

  return { answer, toggle, none }
}
