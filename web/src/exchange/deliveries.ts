import type { WebhookDelivery } from '@/contract/types'
import { t } from '@/messages/exchange'

/** How it stands with a call to a program. */
export const STATES: Record<WebhookDelivery['state'], string> = {
  waiting: t('deliveries.waiting'),
  delivered: t('deliveries.delivered'),
  failed: t('deliveries.failed'),
}
