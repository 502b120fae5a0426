import type { Proposed } from '@/contract/types'

/** What is said to whoever asked, where somebody else has to decide. */
export const PROPOSED = 'Proposed; it counts once somebody who answers for it takes it over.'

/** Whether what was asked for was written down as a proposal. */
export function isProposed(answer: unknown): answer is Proposed {
  return typeof answer === 'object' && answer !== null && 'proposal' in answer
}
