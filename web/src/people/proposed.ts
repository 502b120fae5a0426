import type { Proposed } from '@/contract/types'
import { t } from '@/messages/people'

/** What is said to the person who asked, where another person has to decide. */
export const PROPOSED = t('proposed.proposedItCountsOnceAResponsible')

/** Whether what was asked for was written down as a proposal. */
export function isProposed(answer: unknown): answer is Proposed {
  return typeof answer === 'object' && answer !== null && 'proposal' in answer
}
