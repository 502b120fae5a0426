import { answerOf, api } from '@/api/client'
import type { Assessment } from '@/contract/types'
import { archiveHere, firstDifference } from '@/judge'

/** The longest place that the log takes (characters). */
const LONGEST = 200

/** Where this device judged the same entries otherwise than the server: the server's word stands, and its log says so. */
export async function noteDifference(examination: string, here: Assessment, there: Assessment): Promise<void> {
  const [path, archive] = [firstDifference(here, there)?.slice(0, LONGEST), archiveHere()]
  if (path === undefined || archive === null) return
  const params = { path: { examination } }
  await answerOf(api.POST('/api/examinations/{examination}/differences', { params, body: { path, archive } })).catch(
    () => undefined,
  )
}
