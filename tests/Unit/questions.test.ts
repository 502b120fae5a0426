import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, expect, test, vi } from 'vitest'
import type { Payload } from '@/contract/types'
import { useQuestions } from '@/bench/asking/useQuestions'
import { useCatalogue } from '@/stores/catalogue'
import { useOpenExamination } from '@/stores/openExamination'
import { useVerdict } from '@/stores/verdict'
import { catalogue } from './fixtures'
import { server } from './support'

const answers: Record<string, Payload> = {}

beforeEach(async () => {
  setActivePinia(createPinia())
  server({ status: 200, body: catalogue() })
  await useCatalogue().load()
  for (const name of Object.keys(answers)) delete answers[name]
  for (const ask of ['section', 'answers'] as const)
    vi.spyOn(useOpenExamination(), ask).mockImplementation((name: string) => answers[name] ?? {})
})

const keys = (questions: { key: string }[]) => questions.map(({ key }) => key)

test('a guardian is asked for only where the age is known and below', () => {
  expect(keys(useQuestions().opening.value)).toEqual(['consentGiven'])
  answers.frame = { ageYears: 17 }
  expect(keys(useQuestions().opening.value)).toEqual(['consentGiven', 'guardianConsent'])
  answers.frame = { ageYears: 18 }
  expect(keys(useQuestions().opening.value)).toEqual(['consentGiven'])
})

test('what follows from an answer is asked once that answer is yes', () => {
  expect(keys(useQuestions().history.value)).toEqual(['kneecapShifted'])
  answers.history = { kneecapShifted: true }
  expect(keys(useQuestions().history.value)).toEqual(['kneecapShifted', 'kneecapReduced'])
})

test('the server says which questions open the gate; good news is never part of none of these', () => {
  useVerdict().replace({ safety: { questions: ['deformity'] } } as never, [])
  const asked = useQuestions()
  expect([keys(asked.gate.value), keys(asked.also.value), keys(asked.noneAlso.value)]).toEqual([
    ['deformity'],
    ['recentSurgery', 'xrayClear'],
    ['recentSurgery'],
  ])
})
