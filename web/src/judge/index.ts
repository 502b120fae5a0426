import { computed, ref, shallowRef } from 'vue'
import type { Assessment, EnteredRates, Problem, TestRates, WeighUp } from '@/contract/types'
import { Core, type Kind } from './core'
import { type Keeping, useParcel } from './parcel'
import script from './worker?worker&url'

export { firstDifference } from './difference'
export { type Preferred, preferServer } from './preferServer'

/** The document refuses judgement: a place in it and the reason, as the server would tell it. */
class Refused extends Error {
  constructor(
    readonly path: string,
    reason: string,
  ) {
    super(path === '' ? reason : `${path}: ${reason}`)
  }
}

/** The one door to the core on this device: rules are those of the server, packed as they are. */
const parcel = useParcel({ script })
const core = shallowRef<Core | null>(null)
const problem = ref('')

/** What it takes over the line (MB). */
export const SIZE_MB = 3.6

/** Whether it is here, and while it comes, how much of it. */
export const keeping = computed<Keeping>(() => parcel.keeping.value)
export const share = computed(() => parcel.share.value)
/** Why it could not be got, or started; empty while nothing is wrong. */
export const failure = computed(() => problem.value)

function makeWorker(): Worker {
  return new Worker(script, { type: 'module', name: 'judge' })
}

/** Onto the device, over the line; kept there, it works without one. */
export async function getJudge(): Promise<void> {
  try {
    const manifest = await parcel.get()
    core.value?.end()
    core.value = new Core(manifest, makeWorker)
    problem.value = ''
  } catch (error) {
    problem.value = error instanceof Error ? error.message : String(error)
    await parcel.look()
  }
}

async function here(): Promise<Core | null> {
  // Some browsers keep nothing in private windows.
  if (!('caches' in globalThis)) return null
  if (core.value === null) {
    const manifest = await parcel.look()
    if (manifest !== null) core.value = new Core(manifest, makeWorker)
  }
  return core.value
}

/** Digest of the rules and figures on this device; null where there are none. */
export function archiveHere(): string | null {
  return /archive-([0-9a-f]{16})/.exec(core.value?.manifest.archive ?? '')?.[1] ?? null
}

/** So that the first answer is quick: starts it where it is on the device. */
export async function warmJudge(): Promise<void> {
  await (await here())?.warm().catch((error: unknown) => {
    problem.value = error instanceof Error ? error.message : String(error)
  })
}

/** Whether it is on the device. */
export async function lookForJudge(): Promise<boolean> {
  return (await here()) !== null
}

/** Ends what runs while nobody looks: it takes 100 to 250 MB. The next question starts it again. */
export function restJudge(): void {
  core.value?.end()
}

/** An assessment as the device makes it, with the problem that its chances were weighed from. */
export type Judged = Assessment & { weighing: Problem }

/**
 * @param before document of the visit before, which the route of a re-examination asks for
 * @returns null where the core is not on this device
 * @throws where the document cannot be accepted, and where a newer one was asked for meanwhile
 */
export async function judge(document: object, before: unknown): Promise<Judged | null> {
  return (await ask<{ assessment: Judged }>('assess', { assess: document, before }))?.assessment ?? null
}

/**
 * The chances of a problem and the way of one condition, as `/api/weigh` answers.
 *
 * @returns null where the core is not on this device
 * @throws where the problem cannot be weighed, and where a newer one was asked for meanwhile
 */
export async function weighUp(problem: Problem, condition: string, order: string[]): Promise<WeighUp | null> {
  return (await ask<{ weighedUp: WeighUp }>('weighUp', { weighUp: problem, condition, order }))?.weighedUp ?? null
}

/**
 * What a test is worth, as `/api/rates` answers.
 *
 * @throws where no test is worth that
 */
export async function rates(entered: EnteredRates): Promise<TestRates | null> {
  return (await ask<{ rates: TestRates }>('rates', { rates: entered }))?.rates ?? null
}

/** With which facts an examination begins. */
export interface Beginning {
  route: string
  /** Null: it came on without an injury. */
  daysSinceInjury: number | null
  ageYears: number
  /** The setting that the team begins with, where it has one. */
  ofTeam: string | null
}

/** What the document of an examination begins with. */
export interface Begins {
  format: string
  version: number
  /** As the server would choose it. */
  setting: string
}

/** Null where the core is not on this device. */
export async function beginsWith(begin: Beginning): Promise<Begins | null> {
  return (await ask<{ begins: Begins }>('begin', { begin }))?.begins ?? null
}

async function ask<T>(kind: Kind, question: object): Promise<T | null> {
  const judging = await here()
  if (judging === null) return null
  const answer = JSON.parse(await judging.ask(kind, JSON.stringify(question))) as
    T | { refusal: { path: string; reason: string } }
  if (typeof answer === 'object' && answer !== null && 'refusal' in answer)
    throw new Refused(answer.refusal.path, answer.refusal.reason)
  return answer as T
}
