import { answerOf, api } from '@/api/client'
import { preferServer } from '@/judge'
import { t } from '@/messages/stores'
import { type StartHere, startHere } from './startHere'

/** So long the server is waited for before an examination begins on this device (ms). */
const PATIENCE_MS = 2_500

/**
 * Begins an examination on the server; while that is away, on this device. By its id it is begun once, though the server
 * may have begun it and its answer was lost.
 *
 * @throws ApiError where the server would not take it; an error where neither can begin it
 */
export async function begin(beginning: StartHere): Promise<void> {
  const onDevice = async () => ((await startHere(beginning)) ? true : null)
  // The server does not know the athlete yet: who they are is settled when both are sent.
  if (beginning.added === null) await preferServer(() => onServer(beginning), onDevice, PATIENCE_MS)
  else if ((await onDevice()) === null) throw new Error(t('begin.thisDeviceCannotStartYet'))
}

async function onServer({ athlete, start }: StartHere): Promise<true> {
  const path = { athlete: athlete.id }
  // Where the server is there, the moment is its own.
  const body = { ...start, at: null }
  await answerOf(api.POST('/api/athletes/{athlete}/examinations', { params: { path }, body }))
  return true
}
