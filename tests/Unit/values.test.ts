import { expect, test } from 'vitest'
import { asAnswer, asCells, asNumber, asText, asWords } from '@/shared/values'

const cell = { rotation: 'outward', stress: 'varus', pain: 4 }

test('a control shows only a value of its own kind, and nothing of another', () => {
  const held = ['soft', 4, false, ['medial_front'], [cell], null, undefined] as const
  const shown = (read: (value: never) => unknown) => held.map((value) => read(value as never))
  expect(shown(asText)).toEqual(['soft', ...Array(6).fill(undefined)])
  expect(shown(asNumber)).toEqual([undefined, 4, ...Array(5).fill(undefined)])
  expect(shown(asAnswer)).toEqual([undefined, undefined, false, ...Array(4).fill(undefined)])
  expect(shown(asWords)).toEqual([undefined, undefined, undefined, ['medial_front'], [], undefined, undefined])
  expect(shown(asCells)).toEqual([undefined, undefined, undefined, [], [cell], undefined, undefined])
})
