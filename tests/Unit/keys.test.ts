import { expect, test } from 'vitest'
import { BENCH_KEYS, type OwnKeys, actionOf, keyOf, spokenKey, whyNot, withKey } from '@/bench/keys/keys'

test('each key does one thing, whether large or small', () => {
  expect(new Set(BENCH_KEYS.map(({ key }) => key)).size).toBe(BENCH_KEYS.length)
  expect([actionOf('N', {}), actionOf('n', {}), actionOf('PageDown', {}), actionOf('x', {})]).toEqual([
    'bothNormal',
    'bothNormal',
    'stationNext',
    undefined,
  ])
})

test('a foot switch takes a key, and what had it before takes the free one', () => {
  const own = withKey({}, 'bothNormal', 'PageDown')
  expect([actionOf('PageDown', own), actionOf('n', own)]).toEqual(['bothNormal', 'stationNext'])
  const spare = withKey(own, 'undo', 'F13')
  expect([actionOf('F13', spare), actionOf('u', spare), actionOf('PageDown', spare)]).toEqual([
    'undo',
    undefined,
    'bothNormal',
  ])
})

test('whatever is set, everything stays in reach by a key of its own', () => {
  let own: OwnKeys = {}
  const keys = ['x', 'N', 'ArrowDown', '1', 'F5', 'u', 'PageUp', ']', '?', 'm']
  for (const [index, { action }] of BENCH_KEYS.entries()) own = withKey(own, action, keys[index % keys.length]!)
  expect(new Set(BENCH_KEYS.map(({ action }) => keyOf(action, own))).size).toBe(BENCH_KEYS.length)
})

test('keys that press, move or close are left alone, and say so', () => {
  expect(['Enter', ' ', 'Tab', 'Escape', 'ArrowLeft', 'Dead'].map((key) => whyNot(key) !== null)).toEqual(
    Array(6).fill(true),
  )
  expect(['b', '.', '7', 'F13', 'PageUp', 'Home'].map(whyNot)).toEqual(Array(6).fill(null))
  expect(['ArrowUp', 'PageUp', 'b', 'F13'].map(spokenKey)).toEqual(['↑', 'Pg up', 'B', 'F13'])
})
