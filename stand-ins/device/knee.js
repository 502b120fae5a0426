/**
 * A knee as an arthrometer pulls it: how far the shin glides at a force, with slack, an end point, hysteresis,
 * noise and muscles that hold. Working estimates, near what arthrometers read on sound and torn knees.
 *
 * @typedef {object} Knee
 * @property {number} slackMm glides before anything resists
 * @property {number} stiffness N per mm
 * @property {number} endMm from here it is twice as stiff; Infinity: no end point
 * @property {number} hysteresisMm lags so far behind on the way back
 * @property {number} noiseMm standard deviation of one sample
 * @property {number} guarding chance that a pull is guarded, 0–1
 */

/** @type {Record<string, Knee>} */
export const KNEES = {
  sound: { slackMm: 1.5, stiffness: 34, endMm: 5, hysteresisMm: 0.6, noiseMm: 0.08, guarding: 0 },
  torn: { slackMm: 3, stiffness: 17, endMm: 14, hysteresisMm: 1, noiseMm: 0.12, guarding: 0 },
  guarded: { slackMm: 1.5, stiffness: 30, endMm: 8, hysteresisMm: 0.6, noiseMm: 0.1, guarding: 1 },
}

const SLACK_N = 15
const BEYOND_END = 2
/** Of a pull. */
export const SAMPLES_A_SECOND = 100
const PULL_SECONDS = 1.6
const MOST_N = 145
const FORCE_NOISE_N = 0.8
/** When a muscle holds, it holds at some force between these, by so many mm, within so many seconds. */
const GUARDS = { fromN: 45, toN: 110, leastMm: 1.2, mostMm: 3.5, seconds: 0.12 }
const REST_SECONDS = 0.4

/** Numbers that repeat with their seed, 0–1. */
export function dice(seed) {
  let state = seed >>> 0
  return () => {
    state = (state + 0x6d2b79f5) >>> 0
    let mixed = Math.imul(state ^ (state >>> 15), state | 1)
    mixed ^= mixed + Math.imul(mixed ^ (mixed >>> 7), mixed | 61)
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 4294967296
  }
}

/** Normally spread around zero, with a standard deviation of one. */
export function gauss(random) {
  return Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random())
}

/**
 * Displacement in mm at a force in N, without noise and hysteresis.
 *
 * @param {Knee} knee
 */
export function displacement(knee, force) {
  const straight = knee.slackMm * (1 - Math.exp(-force / SLACK_N)) + force / knee.stiffness
  return straight <= knee.endMm ? straight : knee.endMm + (straight - knee.endMm) / BEYOND_END
}

/**
 * One pull from rest to rest.
 *
 * @param {Knee} knee
 * @param {() => number} random
 * @returns {{t: number, force: number, displacement: number}[]} t in ms from the beginning of the pull
 */
export function pull(knee, random) {
  const samples = []
  const isGuarded = random() < knee.guarding
  const onset = GUARDS.fromN + random() * (GUARDS.toN - GUARDS.fromN)
  const held = GUARDS.leastMm + random() * (GUARDS.mostMm - GUARDS.leastMm)
  const rest = REST_SECONDS * SAMPLES_A_SECOND
  const up = PULL_SECONDS * SAMPLES_A_SECOND
  let holding = 0
  for (let step = 0; step < 2 * (rest + up); step++) {
    const along = (step - rest) / up
    const force = MOST_N * Math.max(0, Math.min(along, 2 - along))
    if (isGuarded && (holding > 0 || force > onset)) holding += 1 / SAMPLES_A_SECOND
    const back = along > 1 && force > 0 ? knee.hysteresisMm * (1 - force / MOST_N) : 0
    const lost = force > 0 ? held * Math.min(1, holding / GUARDS.seconds) : 0
    samples.push({
      t: (step * 1000) / SAMPLES_A_SECOND,
      force: round(Math.max(0, force + (force > 0 ? FORCE_NOISE_N * gauss(random) : 0))),
      displacement: round(Math.max(0, displacement(knee, force) + back - lost) + knee.noiseMm * gauss(random)),
    })
  }
  return samples
}

const TREMOR_N = 4
const RISE_SECONDS = 0.5
const HOLD_SECONDS = 3

/**
 * One isometric effort against a dynamometer.
 *
 * @param {number} newtons that the muscle can give
 * @param {() => number} random
 * @returns {{t: number, force: number}[]} t in ms from the beginning
 */
export function effort(newtons, random) {
  const samples = []
  const steps = (HOLD_SECONDS + 2 * REST_SECONDS) * SAMPLES_A_SECOND
  for (let step = 0; step < steps; step++) {
    const t = step / SAMPLES_A_SECOND - REST_SECONDS
    const rising = Math.min(1, Math.max(0, t / RISE_SECONDS))
    const falling = Math.min(1, Math.max(0, (HOLD_SECONDS - t) / RISE_SECONDS))
    const level = newtons * Math.min(rising, falling)
    samples.push({
      t: (step * 1000) / SAMPLES_A_SECOND,
      force: round(level > 0 ? Math.max(0, level + TREMOR_N * gauss(random)) : 0),
    })
  }
  return samples
}

function round(value) {
  return Math.round(value * 100) / 100
}
