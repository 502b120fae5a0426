import { type Orientation, between, middleOf, topRose, turnedBetween, upward } from './angle'

/** What the sensor reads: how far the limb tips against gravity, or turns about the vertical. */
export type AngleKind = 'incline' | 'turn'

export interface Lie extends Orientation {
  /** ms. */
  at: number
}

/** A hold of one second, and how far it trembled: standard deviation in degrees. */
export interface Hold {
  lie: Lie
  lies: readonly Lie[]
  spread: number
}

/** Held still for so long (ms). */
const STILL_MS = 1000
/** Held still: every lie within so many degrees of the middle. */
const STILL_DEG = 1
/** Between the thigh and the shin the device was carried: a lie further off than this was seen. */
const CARRIED_DEG = 3
/** Fewer readings in a second are no hold. */
const LEAST_LIES = 8

const COMPARED: Record<AngleKind, (one: Lie, other: Lie) => number> = {
  incline: (one, other) => between(upward(one), upward(other)),
  turn: turnedBetween,
}

/**
 * Measures an angle by two holds: the first sets zero, the second is taken. Between them the device must have been
 * carried, so that one hold is not taken twice.
 */
export function angleTaker(kind: AngleKind) {
  const apart = COMPARED[kind]
  let lies: Lie[] = []
  let zero: Hold | null = null
  let taken: Hold | null = null
  let carried = false

  /** Takes the next reading of the sensor in. */
  function add(lie: Lie): void {
    if (taken) return
    lies = [...lies.filter((one) => one.at > lie.at - STILL_MS), lie]
    if (zero && apart(zero.lie, lie) > CARRIED_DEG) carried = true
    const hold = heldStill()
    if (!hold) {
      if (zero && spreadOf(lies) > CARRIED_DEG) carried = true
      return
    }
    if (!zero) zero = hold
    else if (carried) taken = hold
    else return
    lies = []
  }

  function heldStill(): Hold | null {
    const [first, last] = [lies[0], lies.at(-1)]
    // The window slides: a full second is there once its ends are nearly one apart.
    if (!first || !last || lies.length < LEAST_LIES || last.at - first.at < STILL_MS * 0.9) return null
    const lie = lies[Math.floor(lies.length / 2)]!
    return lies.every((one) => apart(one, lie) <= STILL_DEG) ? { lie, lies, spread: spreadOf(lies) } : null
  }

  function spreadOf(some: readonly Lie[]): number {
    const lie = some[Math.floor(some.length / 2)]
    return lie ? Math.sqrt(some.reduce((sum, one) => sum + apart(one, lie) ** 2, 0) / some.length) : 0
  }

  /** Degrees from zero to a hold, by the middle of both; positive where the top of the device rose. */
  function angleTo(hold: Hold): number {
    if (kind === 'turn') return mean(hold.lies.map((lie) => turnedBetween(zero!.lie, lie)))
    const [from, to] = [middleOf(zero!.lies.map(upward)), middleOf(hold.lies.map(upward))]
    return between(from, to) * (topRose(from, to) ? 1 : -1)
  }

  return {
    add,
    /** Where it stands: the first hold is awaited, the second one, or the angle is there. */
    phase: () => (taken ? 'taken' : zero ? 'limb' : 'zero') as 'zero' | 'limb' | 'taken',
    /** Degrees at this moment, while the limb moves. */
    now: (lie: Lie) => (zero ? angleTo({ lie, lies: [lie], spread: 0 }) : null),
    angle: () => (taken ? { degrees: angleTo(taken), spread: Math.hypot(taken.spread, zero!.spread) } : null),
  }
}

function mean(figures: readonly number[]): number {
  return figures.reduce((sum, figure) => sum + figure, 0) / figures.length
}
