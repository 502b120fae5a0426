import { expect, test } from 'vitest'
import { inHundred, ratio, signed } from '@/shared/words'
import { LEAST, MOST, logOdds, place } from '@/weighup/scale'
import { NO_VARIATION, isVaried, vary } from '@/weighup/vary'
import { problem } from './fixtures'

test.each([
  [0, '<1'],
  [0.0049, '<1'],
  [0.005, '1'],
  [0.345, '35'],
  [0.9949, '99'],
  [0.995, '>99'],
  [1, '>99'],
])('a chance of %d is %s knees in a hundred', (chance, words) => expect(inHundred(chance)).toBe(words))

test('a difference always shows its sign, and a ratio as many digits as it deserves', () => {
  expect([3, 0, -0.04, -2.26].map(signed)).toEqual(['+3', '0', '0', '−2.3'])
  expect([14.17, 2.345, 0.123].map(ratio)).toEqual(['14', '2.3', '0.12'])
})

test('the rail is even in evidence, symmetric, and never runs off', () => {
  expect([place(0), place(LEAST), place(MOST), place(1)]).toEqual([0, 0, 1, 1])
  expect(place(0.5)).toBeCloseTo(0.5, 12)
  expect(logOdds(0.8) - logOdds(0.5)).toBeCloseTo(logOdds(0.5) - logOdds(0.2), 12)
})

test('what if touches a copy: results flipped or dropped, another echo, another chance before', () => {
  const variation = {
    outcomes: { lachman: 'negative', anterior_drawer: 'dropped' } as const,
    echoes: { anterior: 0.2 },
    pretest: 0.4,
  }
  const before = problem()
  const after = vary(before, 'acl', variation)
  expect(after.conditions[0]?.pretest).toBe(0.4)
  expect(after.groups?.[0]).toMatchObject({ echo: 0.2, results: [{ finding: 'lachman', outcome: 'negative' }] })
  expect(after.candidates).toEqual([])
  expect(before).toEqual(problem())
  expect([isVaried(variation), isVaried(NO_VARIATION)]).toEqual([true, false])
})

test('nothing varied weighs the same results', () => {
  expect(vary(problem(), 'acl', NO_VARIATION).groups).toEqual(problem().groups)
})

test('a flipped result is weighed by the figures of its other outcome, others as they are', () => {
  const graded = problem()
  const result = graded.groups?.[0]?.results[0]
  if (!result) throw new Error('the fixture has a result')
  const plain = { acl: { sensitivity: 0.8, specificity: 0.9 } }
  result.otherwise = plain
  const flipped = vary(graded, 'acl', { ...NO_VARIATION, outcomes: { [result.finding]: 'negative' } })
  expect(flipped.groups?.[0]?.results[0]?.targets).toEqual(plain)
  const same = vary(graded, 'acl', NO_VARIATION)
  expect(same.groups?.[0]?.results[0]?.targets).toEqual(result.targets)
  expect([JSON.stringify(flipped).includes('otherwise'), JSON.stringify(same).includes('otherwise')]).toEqual([
    false,
    true,
  ])
})
