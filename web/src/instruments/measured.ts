import type { FigureSource, Payload, Side } from '@/contract/types'
import type { Hello } from './protocol'
import { type Effort, FORCES, type Flaw, type Force, type Pull, summed } from './pulls'

/** So many pulls or efforts of each knee. */
export const ASKED = 3

/** Of a millimetre: no finer than an instrument is placed. */
const TENTHS = 1

/** One pull or effort of one knee. */
export type Take = { kind: 'pull'; pull: Pull } | { kind: 'effort'; effort: Effort }

export type Takes = Readonly<Record<Side, readonly Take[]>>

export function flawOf(take: Take): Flaw | 'guarded' | null {
  if (take.kind === 'effort') return take.effort.flaw
  return take.pull.flaw ?? (take.pull.guarded ? 'guarded' : null)
}

export function counting(takes: readonly Take[]): Take[] {
  return takes.filter((take) => flawOf(take) === null)
}

export function pullsOf(takes: readonly Take[]): Pull[] {
  return takes.flatMap((take) => (take.kind === 'pull' ? [take.pull] : []))
}

export function effortsOf(takes: readonly Take[]): Effort[] {
  return takes.flatMap((take) => (take.kind === 'effort' ? [take.effort] : []))
}

/** The highest force that every pull that counts reached, of both knees, so that they can be compared. */
function commonForce(takes: Takes): Force | null {
  const pulls = [...pullsOf(counting(takes.left)), ...pullsOf(counting(takes.right))]
  const reached = FORCES.filter((force) => pulls.every(({ at }) => at[force] !== undefined))
  return pulls.length === 0 ? null : (reached.at(-1) ?? null)
}

export interface Muscle {
  /** From the axis of the knee to the pad, in m. */
  leverM?: number | undefined
  /** Of the athlete, in kg. */
  massKg?: number | undefined
}

/** N·m for each kg of the athlete; null where lever or mass is not known. */
export function torquePerKg(newtons: number, { leverM, massKg }: Muscle): number | null {
  return leverM === undefined || massKg === undefined ? null : (newtons * leverM) / massKg
}

/** What is written of a knee: its figures and where they come from; null where nothing counts. */
export function recordOf(side: Side, takes: Takes, device: Hello, muscle: Muscle = {}): Payload | null {
  const counted = counting(takes[side])
  if (counted.length === 0) return null
  const named = {
    kind: device.kind,
    ...(device.name === '' ? {} : { device: device.name }),
    ...(device.serial === '' ? {} : { serial: device.serial }),
  }
  if (device.kind === 'dynamometer') {
    const peaks = summed(effortsOf(counted).map(({ peak }) => peak))
    return {
      newtons: Math.round(peaks.mean),
      by: { newtons: { ...named, ...known(muscle), ...spreadOf(peaks.spread), pulls: efforts(takes[side]) } },
    }
  }
  const force = commonForce(takes)
  if (force === null) return null
  const far = summed(pullsOf(counted).map(({ at }) => at[force]!))
  const by = { translationMm: { ...named, ...spreadOf(far.spread), pulls: pulls(takes[side]) } }
  return { forceN: force, translationMm: Math.max(0, Number(far.mean.toFixed(TENTHS))), by }
}

type Stored = NonNullable<FigureSource['pulls']>

/** As they are stored, so that they can be drawn again. */
function pulls(takes: readonly Take[]): Stored {
  return pullsOf(takes)
    .filter(({ flaw }) => flaw === null)
    .map(({ at, guarded }) => ({
      ...(at[67] === undefined ? {} : { at67N: at[67] }),
      ...(at[89] === undefined ? {} : { at89N: at[89] }),
      ...(at[134] === undefined ? {} : { at134N: at[134] }),
      ...(guarded ? { guarded } : {}),
    }))
}

function efforts(takes: readonly Take[]): Stored {
  return effortsOf(takes)
    .filter(({ flaw }) => flaw === null)
    .map(({ peak, mean }) => ({ peakN: peak, meanN: mean }))
}

/** A stored pull as a curve: from rest over the forces that it reached. */
export function curveOf(pull: Stored[number]): [mm: number, newtons: number][] {
  const at = [pull.at67N, pull.at89N, pull.at134N]
  const reached = FORCES.flatMap((force, index): [number, number][] => {
    const mm = at[index]
    return typeof mm === 'number' ? [[mm, force]] : []
  })
  return reached.length === 0 ? [] : [[0, 0], ...reached]
}

function known({ leverM, massKg }: Muscle): Partial<FigureSource> {
  return { ...(leverM === undefined ? {} : { leverM }), ...(massKg === undefined ? {} : { massKg }) }
}

function spreadOf(spread: number | null): Partial<FigureSource> {
  return spread === null ? {} : { spread }
}
