import type { Sample } from './protocol'

/** Forces at which displacement is kept, in N: what arthrometers pull with. */
export const FORCES = [67, 89, 134] as const
export type Force = (typeof FORCES)[number]

/** Why a pull or an effort cannot be used. */
export type Flaw = 'gaps' | 'short'

export interface Pull {
  /** Displacement from rest in mm, by force; absent where the pull did not reach it. */
  at: Partial<Record<Force, number>>
  /** Muscles held against it: the shin went back while the force still rose. */
  guarded: boolean
  flaw: Flaw | null
  /** The way up, to be drawn: mm and N. */
  points: [mm: number, newtons: number][]
}

/** Below this nothing pulls (N). */
const REST_N = 10
/** From this it is a pull (N). */
const BEGINS_N = 20
/** A line that is silent for longer has lost samples (ms). */
const LONGEST_GAP_MS = 150
const LEAST_SAMPLES = 20
/** The displacement at a force is read off a line through the samples this near to it (N). */
const NEAR_N = 10
/** Samples that are averaged before it is asked whether the shin went back. */
const SMOOTHED = 7
/** It went back by more than noise can (mm). Working estimate. */
const BACK_MM = 0.5
const RESTING = 20
const DRAWN_EVERY = 3

/** Cuts the stream of samples into pulls, or into efforts of a muscle: from rest to rest. */
export function cutter() {
  let resting: Sample[] = []
  let pulling: Sample[] = []

  /** @returns the samples of a pull that has just ended, with those at rest before it; null while there is none */
  function take(sample: Sample): { rest: Sample[]; samples: Sample[] } | null {
    if (pulling.length === 0 && sample.force < BEGINS_N) {
      if (sample.force < REST_N) resting = [...resting.slice(1 - RESTING), sample]
      return null
    }
    if (sample.force >= REST_N) {
      pulling.push(sample)
      return null
    }
    const done = { rest: resting, samples: pulling }
    pulling = []
    resting = []
    return done
  }

  /** What is being pulled at this moment. */
  const now = (): Sample[] => pulling

  return { take, now }
}

/** What one pull says. */
export function readPull({ rest, samples }: { rest: Sample[]; samples: Sample[] }): Pull {
  const zero = rest.length === 0 ? 0 : mean(rest.map((sample) => sample.displacement))
  const top = samples.reduce((best, sample, index) => (sample.force > samples[best]!.force ? index : best), 0)
  const up = samples.slice(0, top + 1).map((sample) => ({ ...sample, displacement: sample.displacement - zero }))
  const at: Pull['at'] = {}
  for (const force of FORCES) {
    const read = displacementAt(up, force)
    if (read !== null) at[force] = rounded(read)
  }
  return {
    at,
    guarded: wentBack(up),
    flaw: hasGap(up) ? 'gaps' : up.length < LEAST_SAMPLES || at[FORCES[0]] === undefined ? 'short' : null,
    points: up
      .filter((_, index) => index % DRAWN_EVERY === 0)
      .map(({ displacement, force }) => [rounded(displacement), rounded(force)]),
  }
}

export interface Effort {
  /** Highest force that was held, in N. */
  peak: number
  /** Mean of what was at least four fifths of it, in N. */
  mean: number
  flaw: Flaw | null
}

const HELD = 0.8

/** What one effort of a muscle says. */
export function readEffort({ samples }: { samples: Sample[] }): Effort {
  const forces = smoothed(samples.map((sample) => sample.force))
  const peak = Math.max(...forces)
  return {
    peak: rounded(peak),
    mean: rounded(mean(forces.filter((force) => force >= HELD * peak))),
    flaw: hasGap(samples) ? 'gaps' : samples.length < LEAST_SAMPLES ? 'short' : null,
  }
}

/** Mean and standard deviation of several figures; no deviation of fewer than two. */
export function summed(figures: readonly number[]): { mean: number; spread: number | null } {
  const middle = mean(figures)
  const squares = figures.reduce((sum, figure) => sum + (figure - middle) ** 2, 0)
  return {
    mean: rounded(middle),
    spread: figures.length < 2 ? null : rounded(Math.sqrt(squares / (figures.length - 1))),
  }
}

/** How much further it goes for each newton between the first force and the last that was reached (mm per N). */
export function compliance(at: Pull['at']): number | null {
  const reached = FORCES.filter((force) => at[force] !== undefined)
  const [first, last] = [reached[0], reached.at(-1)]
  return first === undefined || last === undefined || first === last ? null : (at[last]! - at[first]!) / (last - first)
}

/** On the least-squares line through what lies near a force; null where the pull did not reach it. */
function displacementAt(up: readonly Sample[], force: number): number | null {
  if (!up.some((sample) => sample.force >= force)) return null
  const near = up.filter((sample) => Math.abs(sample.force - force) <= NEAR_N)
  if (near.length < 2) return null
  const [x, y] = [mean(near.map((one) => one.force)), mean(near.map((one) => one.displacement))]
  const across = near.reduce((sum, one) => sum + (one.force - x) ** 2, 0)
  const along = near.reduce((sum, one) => sum + (one.force - x) * (one.displacement - y), 0)
  return across === 0 ? y : y + (along / across) * (force - x)
}

function wentBack(up: readonly Sample[]): boolean {
  let furthest = -Infinity
  return smoothed(up.map((sample) => sample.displacement)).some((mm) => {
    furthest = Math.max(furthest, mm)
    return furthest - mm > BACK_MM
  })
}

function hasGap(samples: readonly Sample[]): boolean {
  return samples.some((sample, index) => index > 0 && sample.t - samples[index - 1]!.t > LONGEST_GAP_MS)
}

function smoothed(figures: readonly number[]): number[] {
  const half = Math.floor(SMOOTHED / 2)
  return figures.map((_, index) => mean(figures.slice(Math.max(0, index - half), index + half + 1)))
}

function mean(figures: readonly number[]): number {
  return figures.reduce((sum, figure) => sum + figure, 0) / figures.length
}

function rounded(figure: number): number {
  return Math.round(figure * 100) / 100
}
