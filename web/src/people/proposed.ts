import type { Proposed } from '@/contract/types'

/** What is said to whoever asked, where somebody else has to decide. */
export const PROPOSED = 'Proposed. It counts once a responsible clinician accepts it.'

/** Whether what was asked for was written down as a proposal. */
export function isProposed(answer: unknown): answer is Proposed {
  return typeof answer === 'object' && answer !== null && 'proposal' in answer
}
