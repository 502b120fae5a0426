<script setup lang="ts">
import { reactive, ref } from 'vue'
import { answerOf, api } from '@/api/client'
import type { NewWebhook, Webhooks } from '@/contract/types'
import CopyLine from '@/frame/CopyLine.vue'
import { t } from '@/messages/exchange'
import { useDoing } from '@/shared/useDoing'
import { withPassword } from '@/shared/usePassword'
import UiAlert from '@/ui/UiAlert.vue'
import UiButton from '@/ui/UiButton.vue'
import UiForm from '@/ui/UiForm.vue'
import UiText from '@/ui/UiText.vue'
import UiTick from '@/ui/UiTick.vue'
import { required } from '@/ui/rules'

/** A program that is to be told: its address, and of what. The secret is shown once. */
const props = defineProps<{ events: Webhooks['events'] }>()
const emit = defineEmits<{ added: [] }>()
type EventId = NewWebhook['events'][number]

const given = reactive({ address: '' })
const wanted = reactive(new Set<EventId>(props.events.map(({ id }) => id)))
const RULES = { address: required(t('webhookForm.addressIsMissing')) }
const secret = ref('')
const { busy, problem, attempt } = useDoing()

function want(id: EventId, on: boolean): void {
  if (on) wanted.add(id)
  else wanted.delete(id)
}

async function add(): Promise<void> {
  secret.value = ''
  const done = await attempt(async () => {
    if (wanted.size === 0) throw new Error(t('webhookForm.chooseOne'))
    const body = { address: given.address, events: [...wanted] }
    secret.value = (await withPassword(() => answerOf(api.POST('/api/webhooks', { body })))).secret
  })
  if (!done) return
  given.address = ''
  emit('added')
}
</script>

<template>
  <UiForm class="form" :label="t('webhookForm.newWebhook')" :model="given" :rules="RULES" @submit="add">
    <UiText v-model="given.address" :label="t('webhookForm.address')" prop="address" />
    <fieldset>
      <legend>{{ t('webhookForm.tellOf') }}</legend>
      <UiTick
        v-for="event in events"
        :key="event.id"
        :model-value="wanted.has(event.id)"
        @update:model-value="(on) => want(event.id, on)"
      >
        {{ event.label }}
      </UiTick>
    </fieldset>
    <UiAlert v-if="problem" :say="problem" />
    <UiButton submit :disabled="busy">{{ t('webhookForm.addWebhook') }}</UiButton>
    <div v-if="secret" class="secret" role="status">
      <p>
        <b>{{ t('webhookForm.copyItNow') }}</b>
      </p>
      <CopyLine :label="t('webhookForm.secret')" :text="secret" :action="t('webhookForm.copySecret')" />
    </div>
  </UiForm>
</template>

<style scoped>
.form,
.secret {
  display: grid;
  gap: 12px;
}
.form > :deep(.button) {
  justify-self: start;
}
fieldset {
  display: grid;
  padding: 0;
  margin: 0;
  border: 0;
}
legend {
  padding: 0;
  font-weight: 600;
}
</style>
