import { answerOf, api } from '@/api/client'
import type { Problem } from '@/contract/types'
import { judge, preferServer } from '@/judge'
import { useExamination } from './examination'
import { useOpenExamination } from './openExamination'

/**
 * The input that the chances of the open examination are weighed from: the server's, and what this device makes of the
 * same entries while the server is away or lacks some of them.
 *
 * @throws Unreachable where neither has it, as for a signed examination without the server
 */
export async function weighedInput(id: string): Promise<Problem> {
  const examination = useExamination()
  const { head } = useOpenExamination()
  const onDevice = async (): Promise<Problem | null> => {
    const document = examination.asDocument()
    return document === null ? null : ((await judge(document, head?.basis?.before))?.weighing ?? null)
  }
  const ask = (): Promise<Problem> =>
    answerOf(api.GET('/api/examinations/{examination}/weighing', { params: { path: { examination: id } } }))
  return (examination.isWaiting ? await onDevice() : null) ?? (await preferServer(ask, onDevice)).value
}
