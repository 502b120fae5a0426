<script setup lang="ts">
import { onMounted, ref } from 'vue'
import { answerOf, api } from '@/api/client'
import type { SentMail } from '@/contract/types'
import { t } from '@/messages/team'
import { moment } from '@/shared/dates'
import { useDoing } from '@/shared/useDoing'
import UiAlert from '@/ui/UiAlert.vue'
import UiButton from '@/ui/UiButton.vue'
import UiEmpty from '@/ui/UiEmpty.vue'

/** What would have left by mail, where no mail server is set. */
const mails = ref<SentMail[]>([])
const { problem, attempt } = useDoing()

async function load(): Promise<void> {
  await attempt(async () => {
    mails.value = await answerOf(api.GET('/api/mails'))
  })
}

onMounted(load)
defineExpose({ load })
</script>

<template>
  <section aria-labelledby="outbox">
    <h2 id="outbox">{{ t('outboxList.outbox') }}</h2>
    <UiAlert v-if="problem" :say="problem" />
    <UiEmpty v-else-if="mails.length === 0" :say="t('outboxList.noMailWasWrittenYet')" />
    <ul v-else>
      <li v-for="mail in mails" :key="mail.id">
        <span>
          {{ mail.subject }}
          <small>{{ t('outboxList.to', { to: mail.to, at: moment(mail.at) }) }}</small>
        </span>
        <UiButton v-if="mail.readable" kind="quiet" :href="`/api/mails/${mail.id}`" download>
          {{ t('outboxList.downloadFile') }}
        </UiButton>
        <small v-else>{{ t('outboxList.forNoOneElse') }}</small>
      </li>
    </ul>
  </section>
</template>

<style scoped>
section {
  display: grid;
  gap: 12px;
}
li {
  display: flex;
  justify-content: space-between;
  align-items: center;
  gap: 12px;
  padding: 8px 0;
  border-top: 1px solid var(--line);
  overflow-wrap: anywhere;
}
small {
  display: block;
  color: var(--text-2);
}
</style>
