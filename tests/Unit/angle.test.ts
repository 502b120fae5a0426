import { describe, expect, it } from 'vitest'
import { between, topRose, turnedBetween, upward } from '@/instruments/angle'
import { type Lie, angleTaker } from '@/instruments/hold'
import { dice, gauss } from '../../stand-ins/device/knee.js'

const EVERY_MS = 20
const DEGREE = Math.PI / 180

/** The three angles of a browser for a device that lies pitched and rolled so far. */
function lieOf(pitch: number, roll: number, heading: number, at: number): Lie {
  // Pitched about its own x axis first, then rolled: the way a limb carries it.
  const [p, r] = [pitch * DEGREE, roll * DEGREE]
  const up = [-Math.sin(r) * Math.cos(p), Math.sin(p), Math.cos(r) * Math.cos(p)] as const
  const beta = Math.atan2(up[1], Math.hypot(up[0], up[2])) / DEGREE
  const gamma = Math.atan2(-up[0], up[2]) / DEGREE
  // Browsers keep gamma within 90° and turn beta over instead.
  return Math.abs(gamma) <= 90
    ? { alpha: heading, beta, gamma, at }
    : {
        alpha: (heading + 180) % 360,
        beta: Math.sign(beta || 1) * 180 - beta,
        gamma: gamma - Math.sign(gamma) * 180,
        at,
      }
}

interface Trial {
  pitches: [thigh: number, shin: number]
  roll: number
  noise: number
  drift: number
  seed: number
}

/** A device laid on the thigh, carried over in a second and a half, and laid on the shin. */
function* laid({
  pitches: [thigh, shin],
  roll,
  noise,
  drift,
  seed,
}: Trial): Generator<{ lie: Lie; isMoving: boolean }> {
  const random = dice(seed)
  for (let at = 0; at < 5000; at += EVERY_MS) {
    const along = Math.min(1, Math.max(0, (at - 1600) / 1500))
    const lift = 25 * Math.sin(Math.PI * along)
    const pitch = thigh + (shin - thigh) * along + lift + noise * gauss(random) + (drift * at) / 1000
    const lie = lieOf(pitch, roll + noise * gauss(random), 40 + 8 * gauss(random), at)
    yield { lie, isMoving: along > 0 && along < 1 }
  }
}

describe('the orientation of the device', () => {
  it.each([
    ['face up', { beta: 0, gamma: 0 }, [0, 0, 1]],
    ['face down', { beta: 180, gamma: 0 }, [0, 0, -1]],
    ['upright', { beta: 90, gamma: 0 }, [0, 1, 0]],
    ['upside down', { beta: -90, gamma: 0 }, [0, -1, 0]],
    ['on its right edge', { beta: 0, gamma: 90 }, [-1, 0, 0]],
  ])('knows where up is: %s', (_, lie, up) => {
    upward(lie).forEach((part, axis) => expect(part).toBeCloseTo(up[axis]!, 9))
  })

  it('does not jump where the angles of the browser do', () => {
    const before = upward({ beta: 89.9, gamma: 2 })
    const after = upward({ beta: 90.1, gamma: 2 })
    expect(between(before, after)).toBeLessThan(0.3)
    expect(between(upward({ beta: 10, gamma: 89.9 }), upward({ beta: 170, gamma: -89.9 }))).toBeLessThan(0.3)
  })

  it('tells up from down, over the upright as well', () => {
    const flat = upward({ beta: 0, gamma: 0 })
    expect(topRose(flat, upward({ beta: 10, gamma: 0 }))).toBe(true)
    expect(topRose(flat, upward({ beta: -10, gamma: 0 }))).toBe(false)
    expect(topRose(upward({ beta: 85, gamma: 0 }), upward({ beta: 95, gamma: 0 }))).toBe(true)
  })

  it.each([
    [0, 30],
    [350, 10],
    [10, 200],
  ])('tells how far it turned about the vertical, flat or tipped', (from, to) => {
    const turn = Math.min(Math.abs(to - from), 360 - Math.abs(to - from))
    for (const [beta, gamma] of [
      [0, 0],
      [60, 20],
      [-120, 5],
    ] as const)
      expect(turnedBetween({ alpha: from, beta, gamma }, { alpha: to, beta, gamma })).toBeCloseTo(turn, 6)
    expect(turnedBetween({ alpha: from, beta: 10, gamma: 0 }, { alpha: to, beta: 30, gamma: 0 })).toBeCloseTo(turn, 0)
  })
})

describe('an angle by two holds', () => {
  it('errs by less than a degree on average over 1,000 holds, and takes none while moving', () => {
    const errors: number[] = []
    let takenMoving = 0
    const random = dice(1)
    for (let seed = 1; seed <= 1000; seed++) {
      const thigh = -40 + 80 * random()
      const bend = -10 + 150 * random()
      const trial = { roll: -15 + 30 * random(), noise: 0.05 + 0.2 * random(), drift: 0.1 * gauss(random), seed }
      const taker = angleTaker('incline')
      for (const { lie, isMoving } of laid({ ...trial, pitches: [thigh, thigh - bend] })) {
        const before = taker.phase()
        taker.add(lie)
        if (before === 'limb' && taker.phase() === 'taken' && isMoving) takenMoving++
      }
      const angle = taker.angle()
      expect(angle, `trial ${seed}`).not.toBeNull()
      errors.push(Math.abs(-angle!.degrees - bend))
      expect(angle!.spread).toBeLessThan(1.5)
    }
    expect(takenMoving).toBe(0)
    expect(errors.reduce((sum, one) => sum + one, 0) / errors.length).toBeLessThan(1)
    expect(Math.max(...errors)).toBeLessThan(4)
  })

  it('takes nothing of a device that trembles, or that is never carried', () => {
    const trembling = angleTaker('incline')
    const random = dice(7)
    for (let at = 0; at < 10_000; at += EVERY_MS) trembling.add(lieOf(2.5 * gauss(random), 0, 0, at))
    expect(trembling.phase()).toBe('zero')
    const lying = angleTaker('incline')
    for (let at = 0; at < 10_000; at += EVERY_MS) lying.add(lieOf(12, 0, 0, at))
    expect(lying.phase()).toBe('limb')
    expect(lying.angle()).toBeNull()
  })

  it('tells how far a foot turned out', () => {
    const taker = angleTaker('turn')
    for (let at = 0; at < 1300; at += EVERY_MS) taker.add({ alpha: 100, beta: 20, gamma: 0, at })
    for (let at = 1300; at < 4000; at += EVERY_MS)
      taker.add({ alpha: 100 + Math.min(38, (at - 1300) / 20), beta: 20, gamma: 0, at })
    expect(taker.angle()!.degrees).toBeCloseTo(38, 1)
  })
})
