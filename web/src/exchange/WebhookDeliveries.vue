<script setup lang="ts">
import { onMounted, onScopeDispose, ref } from 'vue'
import { STATES } from './deliveries'
import { answerOf, api } from '@/api/client'
import type { WebhookDelivery } from '@/contract/types'
import { t } from '@/messages/exchange'
import { moment } from '@/shared/dates'
import { useDoing } from '@/shared/useDoing'
import UiAlert from '@/ui/UiAlert.vue'
import UiButton from '@/ui/UiButton.vue'

/** What one program was told lately, and what came of it; looked at anew while something is on its way. */
const props = defineProps<{ webhook: string }>()
const emit = defineEmits<{ changed: [] }>()
const AGAIN_MS = 2_000
const deliveries = ref<WebhookDelivery[] | null>(null)
const { busy, problem, attempt } = useDoing()
let timer: ReturnType<typeof setTimeout> | undefined
onScopeDispose(() => clearTimeout(timer))

async function load(): Promise<void> {
  const params = { path: { webhook: props.webhook } }
  const before = deliveries.value
  deliveries.value = await answerOf(api.GET('/api/webhooks/{webhook}/deliveries', { params }))
  if (before?.[0]?.state !== deliveries.value[0]?.state) emit('changed')
  const isOnItsWay = deliveries.value.some(({ state, nextAt }) => state === 'waiting' && nextAt === null)
  if (isOnItsWay) timer = setTimeout(() => void attempt(load), AGAIN_MS)
}

async function again({ id: delivery }: WebhookDelivery): Promise<void> {
  await attempt(async () => {
    const params = { path: { webhook: props.webhook, delivery } }
    await answerOf(api.POST('/api/webhooks/{webhook}/deliveries/{delivery}', { params }))
    await load()
  })
}

function outcomeOf({ state, attempts, problem: why, nextAt }: WebhookDelivery): string {
  const parts = [STATES[state], why, attempts > 1 ? t('deliveries.attempts', { n: attempts }) : null]
  return [...parts, nextAt ? t('deliveries.nextAt', { at: moment(nextAt) }) : null].filter(Boolean).join(' · ')
}

onMounted(() => attempt(load))
</script>

<template>
  <div>
    <UiAlert v-if="problem" :say="problem" />
    <p v-if="deliveries?.length === 0" class="quiet-text">{{ t('deliveries.none') }}</p>
    <table v-else-if="deliveries" class="figures">
      <thead>
        <tr>
          <th scope="col">{{ t('deliveries.event') }}</th>
          <th scope="col">{{ t('deliveries.outcome') }}</th>
          <th scope="col">{{ t('deliveries.time') }}</th>
          <td></td>
        </tr>
      </thead>
      <tbody>
        <tr v-for="one in deliveries" :key="one.id">
          <td>{{ one.label }}</td>
          <td>{{ outcomeOf(one) }}</td>
          <td class="number">{{ moment(one.at) }}</td>
          <td>
            <UiButton v-if="one.state !== 'delivered'" kind="quiet" :disabled="busy" @click="again(one)">
              {{ t('deliveries.sendAgain') }}
            </UiButton>
          </td>
        </tr>
      </tbody>
    </table>
  </div>
</template>
