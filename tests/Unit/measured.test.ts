import { describe, expect, it } from 'vitest'
import { sourcesAfter } from '@/bench/sources'
import { type Take, type Takes, counting, curveOf, flawOf, recordOf, torquePerKg } from '@/instruments/measured'
import type { Hello } from '@/instruments/protocol'
import type { Pull } from '@/instruments/pulls'

const meter: Hello = { type: 'hello', kind: 'arthrometer', name: 'Pull meter', serial: '7' }
const force: Hello = { ...meter, kind: 'dynamometer' }

function pull(at: Pull['at'], more: Partial<Pull> = {}): Take {
  return { kind: 'pull', pull: { at, guarded: false, flaw: null, points: [], ...more } }
}

function takes(left: Take[], right: Take[] = []): Takes {
  return { left, right }
}

describe('what is written of a measured knee', () => {
  it('counts neither guarded pulls nor those that lost samples', () => {
    const all = [pull({ 67: 3 }), pull({ 67: 1 }, { guarded: true }), pull({ 67: 3 }, { flaw: 'gaps' })]
    expect(counting(all)).toHaveLength(1)
    expect(all.map(flawOf)).toEqual([null, 'guarded', 'gaps'])
  })

  it('takes the mean at the highest force that every pull of both knees reached', () => {
    const far = { 67: 3, 89: 4, 134: 6 }
    const both = takes([pull(far), pull({ ...far, 134: 6.2 })], [pull({ 67: 2, 89: 2.8 })])
    expect(recordOf('left', both, meter)).toMatchObject({ forceN: 89, translationMm: 4 })
    expect(recordOf('left', takes(both.left as Take[]), meter)).toMatchObject({
      forceN: 134,
      translationMm: 6.1,
      by: {
        translationMm: {
          kind: 'arthrometer',
          device: 'Pull meter',
          serial: '7',
          spread: 0.14,
          pulls: [{ at67N: 3, at89N: 4, at134N: 6 }, { at134N: 6.2 }],
        },
      },
    })
  })

  it('keeps guarded pulls marked, and one pull has no spread', () => {
    const record = recordOf('left', takes([pull({ 67: 3 }), pull({ 67: 1 }, { guarded: true })]), meter)
    expect(record?.by).toEqual({
      translationMm: {
        kind: 'arthrometer',
        device: 'Pull meter',
        serial: '7',
        pulls: [{ at67N: 3 }, { at67N: 1, guarded: true }],
      },
    })
  })

  it('writes nothing where nothing counts, or where no force was reached by all', () => {
    expect(recordOf('left', takes([pull({ 67: 1 }, { guarded: true })]), meter)).toBeNull()
    expect(recordOf('right', takes([pull({ 67: 1 })]), meter)).toBeNull()
    expect(recordOf('left', takes([pull({ 67: 1 })], [pull({})]), meter)).toBeNull()
  })

  it('writes the mean peak of a muscle, with lever and mass', () => {
    const effort = (peak: number): Take => ({ kind: 'effort', effort: { peak, mean: peak - 10, flaw: null } })
    const record = recordOf('left', takes([effort(300), effort(310)]), force, { leverM: 0.3, massKg: 72 })
    expect(record).toMatchObject({ newtons: 305, by: { newtons: { leverM: 0.3, massKg: 72, spread: 7.07 } } })
    expect(torquePerKg(305, { leverM: 0.3, massKg: 72 })).toBeCloseTo(1.27, 2)
    expect(torquePerKg(305, { leverM: 0.3 })).toBeNull()
  })

  it('draws a stored pull from rest over what it reached', () => {
    expect(curveOf({ at67N: 3, at134N: 6 })).toEqual([
      [0, 0],
      [3, 67],
      [6, 134],
    ])
    expect(curveOf({ peakN: 300 })).toEqual([])
  })
})

describe('where a figure comes from, after a change', () => {
  const by = { translationMm: { kind: 'arthrometer' }, forceN: { kind: 'arthrometer' } }
  const before = { translationMm: 6, forceN: 134, by }

  it('forgets the instrument of a figure that is entered by hand, and keeps the others', () => {
    expect(sourcesAfter(before, { translationMm: 7 })).toEqual({ forceN: by.forceN })
    expect(sourcesAfter(before, { note: 'calm' })).toEqual(by)
  })

  it('forgets that of a figure that is taken back', () => {
    expect(
      sourcesAfter({ translationMm: 6, by: { translationMm: by.translationMm } }, { translationMm: undefined }),
    ).toBe(undefined)
  })

  it('takes what comes with the figure', () => {
    const sensor = { translationMm: { kind: 'sensor' } }
    expect(sourcesAfter(before, { translationMm: 5, by: sensor })).toEqual(sensor)
  })
})
