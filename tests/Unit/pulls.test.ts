import { describe, expect, it } from 'vitest'
import { readMessage } from '@/instruments/protocol'
import type { Sample } from '@/instruments/protocol'
import { type Pull, compliance, cutter, readEffort, readPull, summed } from '@/instruments/pulls'
import { DAYS, hellos, sent } from '../../stand-ins/device/days.js'
import { KNEES, dice, displacement, effort, pull } from '../../stand-ins/device/knee.js'

type Knee = (typeof KNEES)[string]

/** What arrives of some samples on such a day, as the page reads it. */
function arriving(samples: object[], day = 'well') {
  return samples
    .map((sample, index) => sent(sample, index, day))
    .filter((text) => text !== null)
    .map((text) => readMessage(text))
}

function pullsOf(messages: ReturnType<typeof readMessage>[]): Pull[] {
  const cut = cutter()
  return messages
    .filter((message): message is Sample => message.type === 'sample')
    .map((sample) => cut.take(sample))
    .filter((done) => done !== null)
    .map(readPull)
}

const pulled = (knee: Knee, seed: number) =>
  pullsOf(pull(knee, dice(seed)).map((sample) => ({ type: 'sample' as const, ...sample })))[0]!
const threeOf = (knee: Knee, seed: number) => [0, 1, 2].map((n) => pulled(knee, 3 * seed + n))

describe('pulls of the arthrometer', () => {
  it('recovers stiffness and the side difference of 500 knees within 0.5 mm at 134 N', () => {
    const random = dice(42)
    for (let seed = 1; seed <= 500; seed++) {
      const some = () => ({
        slackMm: 1 + 2.5 * random(),
        stiffness: 14 + 26 * random(),
        endMm: 5 + 10 * random(),
        hysteresisMm: random(),
        noiseMm: 0.05 + 0.1 * random(),
        guarding: 0,
      })
      const [hurt, other] = [some(), some()]
      const found = [hurt, other].map((knee, side) => {
        const pulls = threeOf(knee, 2 * seed + side)
        expect(
          pulls.every(({ guarded, flaw }) => !guarded && flaw === null),
          `knee ${seed}`,
        ).toBe(true)
        const stiffness = summed(pulls.map(({ at }) => compliance(at)!)).mean
        const truly = (displacement(knee, 134) - displacement(knee, 67)) / 67
        expect(Math.abs(stiffness - truly), `knee ${seed}`).toBeLessThan(0.01)
        return summed(pulls.map(({ at }) => at[134]!)).mean
      })
      const truly = displacement(hurt, 134) - displacement(other, 134)
      expect(Math.abs(found[0]! - found[1]! - truly), `knee ${seed}`).toBeLessThan(0.5)
    }
  })

  it('marks guarded pulls, and no others', () => {
    const marked = Array.from({ length: 200 }, (_, seed) => pulled(KNEES.guarded!, seed).guarded)
    expect(marked.filter(Boolean).length).toBeGreaterThanOrEqual(196)
    const free = Array.from({ length: 200 }, (_, seed) => pulled(KNEES.torn!, seed).guarded)
    expect(free.filter(Boolean)).toHaveLength(0)
  })

  it('begins each pull from where the shin rests', () => {
    const lifted = pull(KNEES.sound!, dice(3)).map((sample) => ({ ...sample, displacement: sample.displacement + 4 }))
    const [shifted, plain] = [pullsOf(arriving(lifted))[0]!, pulled(KNEES.sound!, 3)]
    expect(shifted.at[134]).toBeCloseTo(plain.at[134]!, 2)
  })

  it('says what it cannot use: too weak, too few samples', () => {
    const weak = pull(KNEES.sound!, dice(5)).map((sample) => ({ ...sample, force: sample.force / 3 }))
    expect(pullsOf(arriving(weak))[0]!.flaw).toBe('short')
    expect(compliance({ 67: 3 })).toBeNull()
  })
})

describe('bad days of an instrument', () => {
  const samples = pull(KNEES.sound!, dice(9))

  it('finds gaps in a stuttering line', () => {
    const pulls = pullsOf(arriving(samples, 'stuttering'))
    expect(pulls.length).toBeGreaterThan(0)
    expect(pulls.every(({ flaw }) => flaw !== null)).toBe(true)
  })

  it('reads no sample that holds no number, and goes on with the rest', () => {
    const read = arriving(samples, 'nan')
    expect(read.some(({ type }) => type === 'unread')).toBe(true)
    expect(pullsOf(read)[0]!.at[134]).toBeCloseTo(pullsOf(arriving(samples))[0]!.at[134]!, 0)
  })

  it('reads nothing of nonsense, and nothing where nothing is sent', () => {
    expect(arriving(samples, 'nonsense').every(({ type }) => type === 'unread')).toBe(true)
    expect(arriving(samples, 'silent')).toHaveLength(0)
  })

  it.each(['arthrometer', 'dynamometer'] as const)('refuses units other than ours: %s', (kind) => {
    const [hello] = hellos(kind, 'units').map((one) => readMessage(JSON.stringify(one)))
    expect(hello).toMatchObject({
      type: 'unread',
      reason: expect.stringContaining(kind === 'arthrometer' ? 'in' : 'lbf'),
    })
    const [well] = hellos(kind, 'well').map((one) => readMessage(JSON.stringify(one)))
    expect(well).toMatchObject({ type: 'hello', kind, serial: 'SIM-1' })
  })

  it.each([
    ['{"type":"hello","protocol":2,"kind":"arthrometer"}', 'protocol 2'],
    ['{"type":"hello","protocol":1,"kind":"thermometer"}', 'thermometer'],
    ['{"type":"hello","protocol":1,"kind":"arthrometer"}', 'units'],
    ['null', 'unknown type'],
    ['7', 'unknown type'],
    ['{"type":"sample","t":1,"force":"12"}', 'no number'],
  ])('names what is wrong with %s', (text, reason) => {
    expect(readMessage(text)).toMatchObject({ type: 'unread', reason: expect.stringContaining(reason) })
  })

  it('knows every day that the stand-in has', () => {
    expect(DAYS).toEqual(['well', 'silent', 'stuttering', 'units', 'nan', 'twice', 'nonsense', 'off'])
    expect(hellos('arthrometer', 'twice').map(({ serial }) => serial)).toEqual(['SIM-1', 'SIM-2'])
  })
})

describe('efforts of the dynamometer', () => {
  it('reads the peak that was held and the mean', () => {
    for (const newtons of [120, 310, 620]) {
      const cut = cutter()
      const done = arriving(effort(newtons, dice(newtons)))
        .filter((message): message is Sample => message.type === 'sample')
        .map((sample) => cut.take(sample))
        .find((one) => one !== null)
      const { peak, mean, flaw } = readEffort(done!)
      expect(flaw).toBeNull()
      expect(Math.abs(peak - newtons)).toBeLessThan(8)
      expect(Math.abs(mean - newtons)).toBeLessThan(newtons * 0.04)
    }
  })
})
