import { mount } from '@vue/test-utils'
import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, expect, test } from 'vitest'
import type { Assessment } from '@/contract/types'
import { useCatalogue } from '@/stores/catalogue'
import { useOpenExamination } from '@/stores/openExamination'
import { useVerdict } from '@/stores/verdict'
import KneesTable from '@/summary/KneesTable.vue'
import { useSummary } from '@/summary/useSummary'
import { catalogue } from './fixtures'
import { server } from './support'

function judged(more: object): void {
  const nothing = { results: [], effusion: null, safety: { holds: {} } }
  useVerdict().replace({ ...nothing, ...more } as unknown as Assessment, [])
}

beforeEach(async () => {
  setActivePinia(createPinia())
  server({ status: 200, body: catalogue() })
  await useCatalogue().load()
})

test.each([
  [null, 'Not tested.'],
  [{ positive: false, millilitres: null, bloodLikely: false }, 'Not positive.'],
  [{ positive: true, millilitres: [5, 15], bloodLikely: false }, 'Positive, 5 to 15 ml.'],
  [{ positive: true, millilitres: [40, null], bloodLikely: true }, 'Positive, 40 ml or more, blood likely.'],
])('fluid is told with its amount and whether it may be blood', (effusion, says) => {
  judged({ effusion })
  expect(useSummary().fluid.value).toBe(says)
})

test('results are told by their outcome, those that count and those that say nothing either way', () => {
  const result = (finding: string, outcome: string, counts: boolean, manoeuvre = 'lachman') => ({
    finding,
    outcome,
    counts,
    manoeuvre,
  })
  judged({
    results: [
      result('lachman', 'positive', true),
      result('pivot', 'negative', false),
      result('pivot', 'equivocal', false),
      result('story_pop', 'positive', true, 'history'),
      result('story_lock', 'negative', true, 'history'),
    ],
  })
  expect(useSummary().results.value).toEqual([
    { label: 'Positive', names: ['Lachman'] },
    { label: 'Equivocal, no change', names: ['Pivot'] },
    { label: 'History, positive', names: ['Pop'] },
    { label: 'History, negative', names: ['Story lock'] },
  ])
})

test('what may not be done stands by what is against it', () => {
  const hold = (kind: string, rule?: string) => ({ kind, ...(rule && { rule }), mayOverride: false })
  judged({
    safety: {
      holds: { lachman: hold('consent'), pivot: hold('rule', 'limb_threat'), gait: hold('consent') },
    },
  })
  expect(useSummary().held.value).toEqual([
    { why: 'Waiting for consent:', names: ['LACHMAN', 'GAIT'] },
    { why: 'By the rule of limb threat:', names: ['PIVOT'] },
  ])
})

test('a finding against the gate, before it, or from memory stays marked', () => {
  judged({})
  useVerdict().beforeGate.add('gait:both')
  const at = (payload: object) => ({ payload: payload as never, version: 1 })
  useOpenExamination().replace({} as never, {
    'lachman:left': at({ translationMm: 3, override: 'to see' }),
    'pivot:right': at({ normal: true, fromMemory: true }),
  })
  expect(useSummary().marked.value).toEqual([
    { name: 'LACHMAN', mark: 'done despite the safety check: to see' },
    { name: 'PIVOT', mark: 'entered from memory' },
    { name: 'GAIT', mark: 'recorded before the safety check' },
  ])
})

test('neither knee of a baseline is called hurt, and none has a grade', () => {
  const measurements = [
    {
      manoeuvre: 'lachman',
      hurt: 3,
      other: 4,
      unit: 'mm',
      difference: -1,
      grade: 0,
      counts: true,
      comparedWith: 'other',
    },
  ] as unknown as Assessment['measurements']
  const heads = (baselineFrom?: 'left') =>
    mount(KneesTable, { props: { measurements, baselineFrom } })
      .findAll('thead th')
      .map((one) => one.text())
  expect(heads('left')).toEqual(['Manoeuvre', 'Left', 'Right', 'Difference'])
  expect(heads()).toEqual(['Manoeuvre', 'Hurt', 'Other', 'Difference', 'Grade'])
})
