<script setup lang="ts">
import { onMounted, ref } from 'vue'
import WebhookDeliveries from './WebhookDeliveries.vue'
import WebhookForm from './WebhookForm.vue'
import { STATES } from './deliveries'
import { answerOf, api } from '@/api/client'
import type { Webhooks } from '@/contract/types'
import { t } from '@/messages/exchange'
import { moment } from '@/shared/dates'
import { useDoing } from '@/shared/useDoing'
import UiAlert from '@/ui/UiAlert.vue'
import UiButton from '@/ui/UiButton.vue'
import UiDialog from '@/ui/UiDialog.vue'
import UiWaiting from '@/ui/UiWaiting.vue'
import { tell } from '@/ui/telling'

/** Programs that are told of what happens in the team, for a lead. */
type Webhook = Webhooks['webhooks'][number]
const all = ref<Webhooks | null>(null)
const removing = ref<Webhook | null>(null)
/** Id of the one whose deliveries are shown. */
const shown = ref('')
const { busy, problem, attempt } = useDoing()

async function load(): Promise<void> {
  all.value = await answerOf(api.GET('/api/webhooks'))
}

const where = ({ id: webhook }: Webhook) => ({ path: { webhook } })

async function test(one: Webhook): Promise<void> {
  const done = await attempt(async () => {
    await answerOf(api.POST('/api/webhooks/{webhook}/test', { params: where(one) }))
    shown.value = ''
    await load()
  })
  if (done) shown.value = one.id
}

async function remove(one: Webhook): Promise<void> {
  removing.value = null
  const done = await attempt(async () => {
    await answerOf(api.DELETE('/api/webhooks/{webhook}', { params: where(one) }))
    await load()
  })
  if (done) tell(t('webhookList.removed', { address: one.address }))
}

function wordsOf({ events }: Webhook): string {
  return (all.value?.events ?? [])
    .filter(({ id }) => events.includes(id))
    .map(({ label }) => label)
    .join(', ')
}

onMounted(() => attempt(load))
</script>

<template>
  <section aria-labelledby="webhooks">
    <h2 id="webhooks">{{ t('webhookList.webhooks') }}</h2>
    <p class="quiet-text">{{ t('webhookList.say') }}</p>
    <UiAlert v-if="problem" :say="problem" />
    <UiWaiting v-if="!all" :label="t('webhookList.loading')" />
    <template v-else>
      <ul v-if="all.webhooks.length > 0">
        <li v-for="one in all.webhooks" :key="one.id">
          <span class="address">
            <b>{{ one.address }}</b>
            <small>{{ wordsOf(one) }}</small>
            <small v-if="one.last">
              {{
                t('webhookList.last', { event: one.last.label, state: STATES[one.last.state], at: moment(one.last.at) })
              }}
            </small>
          </span>
          <span class="actions">
            <UiButton :disabled="busy" @click="test(one)">{{ t('webhookList.sendTest') }}</UiButton>
            <UiButton kind="quiet" :aria-expanded="shown === one.id" @click="shown = shown === one.id ? '' : one.id">
              {{ t('webhookList.deliveries') }}
            </UiButton>
            <UiButton kind="quiet" :disabled="busy" @click="removing = one">
              {{ t('webhookList.removeWebhook') }}
            </UiButton>
          </span>
          <WebhookDeliveries v-if="shown === one.id" :webhook="one.id" class="deliveries" @changed="attempt(load)" />
        </li>
      </ul>
      <WebhookForm v-if="all.areAllowed" :events="all.events" @added="load" />
      <p v-else>{{ t('webhookList.notAllowed') }}</p>
    </template>
    <UiDialog v-if="removing" :title="t('webhookList.removeTitle')" @close="removing = null">
      <p>{{ t('webhookList.toldNothing', { address: removing.address }) }}</p>
      <template #actions>
        <UiButton @click="removing = null">{{ t('webhookList.cancel') }}</UiButton>
        <UiButton kind="main" @click="remove(removing)">{{ t('webhookList.removeWebhook') }}</UiButton>
      </template>
    </UiDialog>
  </section>
</template>

<style scoped>
section {
  display: grid;
  gap: 12px;
}
li {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 12px;
  align-items: center;
  justify-content: space-between;
  padding: 10px 0;
  border-top: 1px solid var(--line);
}
.address {
  min-width: 0;
  overflow-wrap: anywhere;
}
.actions {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
.deliveries {
  flex-basis: 100%;
}
small {
  display: block;
  color: var(--text-2);
}
</style>
