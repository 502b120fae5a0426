import { describe, expect, test } from 'vitest'
import { merge, same } from '@/sync'

describe('answers from two places', () => {
  test('to different questions go together', () => {
    expect(merge({}, { pop: true }, { locking: false })).toEqual({ merged: { pop: true, locking: false }, clashes: [] })
    expect(merge({ pop: true }, { pop: true, givingWay: false }, { pop: true, locking: true })).toEqual({
      merged: { pop: true, givingWay: false, locking: true },
      clashes: [],
    })
  })

  test('to the same question clash only when they differ, and mine stands until someone chooses', () => {
    expect(merge({}, { pop: true }, { pop: false })).toEqual({ merged: { pop: true }, clashes: ['pop'] })
    expect(merge({}, { pop: true }, { pop: true })).toEqual({ merged: { pop: true }, clashes: [] })
    expect(merge({ pop: true }, { pop: false, locking: true }, { pop: true, locking: false })).toEqual({
      merged: { pop: false, locking: true },
      clashes: ['locking'],
    })
  })

  test('an answer taken back stays taken back, on either side', () => {
    expect(merge({ pop: true, locking: true }, { locking: true }, { pop: true, locking: true })).toEqual({
      merged: { locking: true },
      clashes: [],
    })
    expect(merge({ pop: true, locking: true }, { pop: true, locking: true }, { pop: true })).toEqual({
      merged: { pop: true },
      clashes: [],
    })
    expect(merge({ pop: true }, {}, { pop: false }).clashes).toEqual(['pop'])
  })

  test('lists and objects are the same by what they hold, whatever the order of their keys', () => {
    expect(same({ a: 1, b: 2 }, { b: 2, a: 1 })).toBe(true)
    expect(same(['twist_on_planted_foot'], ['twist_on_planted_foot'])).toBe(true)
    expect(same(['a', 'b'], ['b', 'a'])).toBe(false)
    expect(same(undefined, null)).toBe(false)
    expect(merge({ mechanism: ['a'] }, { mechanism: ['a'] }, { mechanism: ['a', 'b'] })).toEqual({
      merged: { mechanism: ['a', 'b'] },
      clashes: [],
    })
  })
})
