import { computed, ref, shallowRef } from 'vue'
import type { Assessment } from '@/contract/types'
import { Core } from './core'
import { type Keeping, useParcel } from './parcel'
import script from './worker?worker&url'

/** The document refuses judgement: a place in it and the reason, as the server would tell it. */
class Refused extends Error {
  constructor(
    readonly path: string,
    reason: string,
  ) {
    super(reason)
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

/**
 * @param before document of the visit before, which the route of a re-examination asks for
 * @returns null where the core is not on this device
 * @throws where the document cannot be accepted, and where a newer one was asked for meanwhile
 */
export async function judge(document: object, before: unknown): Promise<Assessment | null> {
  const judging = await here()
  if (judging === null) return null
  const answer = JSON.parse(await judging.ask(JSON.stringify({ assess: document, before }))) as
    { assessment: Assessment } | { refusal: { path: string; reason: string } }
  if ('refusal' in answer) throw new Refused(answer.refusal.path, answer.refusal.reason)
  return answer.assessment
}
