import { expect, test } from 'vitest'
import { GATE, HISTORY, route, samePlace, stations } from '@/bench/route/places'
import type { Itinerary } from '@/contract/types'
import { catalogue } from './fixtures'

const itinerary = { stops: [{ station: 'supine', manoeuvres: ['lachman'] }] } as unknown as Itinerary

test('the way leads from history and gate to each manoeuvre in order', () => {
  expect(route(itinerary)).toEqual([HISTORY, GATE, { kind: 'manoeuvre', id: 'lachman' }])
})

test('places are the same by what they are', () => {
  expect(samePlace(HISTORY, { kind: 'history' })).toBe(true)
  expect(samePlace(HISTORY, GATE)).toBe(false)
  expect(samePlace({ kind: 'manoeuvre', id: 'a' }, { kind: 'manoeuvre', id: 'a' })).toBe(true)
  expect(samePlace({ kind: 'manoeuvre', id: 'a' }, { kind: 'manoeuvre', id: 'b' })).toBe(false)
})

test('what is off limits stays in its place, also where a whole station is', () => {
  const shown = stations(catalogue(), itinerary, ['pivot', 'gait'])
  expect(shown.map(({ label, manoeuvres }) => [label, manoeuvres.map(({ id }) => id)])).toEqual([
    ['Supine', ['lachman', 'pivot']],
    ['Standing', ['gait']],
  ])
  expect(stations(catalogue(), itinerary, []).map(({ id }) => id)).toEqual(['supine'])
})
