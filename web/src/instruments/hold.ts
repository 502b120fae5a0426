import { type Direction, type Orientation, between, middleOf, topRose, turnedBetween, upward } from './angle'

/** What the sensor reads: how far the limb tips against gravity, or turns about the vertical. */
export type AngleKind = 'incline' | 'turn'

export interface Lie extends Orientation {
  /** ms. */
  at: number
}

/** A reading with where up is in it, which is asked for again and again. */
interface Seen {
  lie: Lie
  up: Direction
}

/** A hold of one second, and how far it trembled: standard deviation in degrees. */
interface Hold {
  middle: Seen
  seen: readonly Seen[]
  spread: number
}

/** Held still for so long (ms). */
const STILL_MS = 1000
/** Held still: every lie within so many degrees of the middle. */
const STILL_DEG = 1
/** Between the thigh and the shin the device was carried: a lie further off than this was seen. */
const CARRIED_DEG = 3
/** Fewer readings in a second are no hold. */
const LEAST_SEEN = 8
/** The window slides: a full second is there once its ends are nearly one apart. */
const NEARLY = 0.9

const COMPARED: Record<AngleKind, (one: Seen, other: Seen) => number> = {
  incline: (one, other) => between(one.up, other.up),
  turn: (one, other) => turnedBetween(one.lie, other.lie),
}

/**
 * Measures an angle by two holds: the first sets zero, the second is taken. Between them the device must have been
 * carried, so that one hold is not taken twice.
 */
export function angleTaker(kind: AngleKind) {
  const apart = COMPARED[kind]
  let window: Seen[] = []
  let zero: Hold | null = null
  let taken: Hold | null = null
  let carried = false

  /** Takes the next reading of the sensor in. */
  function add(lie: Lie): void {
    if (taken) return
    const now = { lie, up: upward(lie) }
    window = [...window.filter((one) => one.lie.at > lie.at - STILL_MS), now]
    if (zero && apart(zero.middle, now) > CARRIED_DEG) carried = true
    if (zero && !carried && spreadOf(window) > CARRIED_DEG) carried = true
    const hold = zero && !carried ? null : heldStill()
    if (!hold) return
    if (zero) taken = hold
    else zero = hold
    window = []
  }

  function heldStill(): Hold | null {
    const [first, last] = [window[0], window.at(-1)]
    if (!first || !last || window.length < LEAST_SEEN || last.lie.at - first.lie.at < STILL_MS * NEARLY) return null
    const middle = middleIn(window)
    return window.every((one) => apart(one, middle) <= STILL_DEG)
      ? { middle, seen: window, spread: spreadOf(window) }
      : null
  }

  function spreadOf(some: readonly Seen[]): number {
    const middle = middleIn(some)
    return Math.sqrt(some.reduce((sum, one) => sum + apart(one, middle) ** 2, 0) / some.length)
  }

  /** Degrees from zero to a hold, by the middle of both; positive where the top of the device rose. */
  function angleTo(hold: Pick<Hold, 'seen'>, from: Hold): number {
    if (kind === 'turn') return mean(hold.seen.map(({ lie }) => turnedBetween(from.middle.lie, lie)))
    const [before, after] = [from, hold].map(({ seen }) => middleOf(seen.map(({ up }) => up))) as [Direction, Direction]
    return between(before, after) * (topRose(before, after) ? 1 : -1)
  }

  return {
    add,
    /** Where it stands: the first hold is awaited, the second one, or the angle is there. */
    phase: () => (taken ? 'taken' : zero ? 'limb' : 'zero') as 'zero' | 'limb' | 'taken',
    /** Degrees at this moment, while the limb moves. */
    now: (lie: Lie) => (zero ? angleTo({ seen: [{ lie, up: upward(lie) }] }, zero) : null),
    angle: () =>
      taken && zero ? { degrees: angleTo(taken, zero), spread: Math.hypot(taken.spread, zero.spread) } : null,
  }
}

function middleIn(some: readonly Seen[]): Seen {
  return some[Math.floor(some.length / 2)]!
}

function mean(figures: readonly number[]): number {
  return figures.reduce((sum, figure) => sum + figure, 0) / figures.length
}
