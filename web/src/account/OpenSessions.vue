<script setup lang="ts">
import { onMounted, ref } from 'vue'
import { answerOf, api } from '@/api/client'
import type { OpenSession } from '@/contract/types'
import { t } from '@/messages/account'
import { useDoing } from '@/shared/useDoing'
import { moment } from '@/shared/dates'
import UiAlert from '@/ui/UiAlert.vue'
import UiButton from '@/ui/UiButton.vue'

/** Where one is logged in, and how to end it. */
const sessions = ref<OpenSession[]>([])
const { busy, problem, attempt } = useDoing()

async function load(): Promise<void> {
  sessions.value = await answerOf(api.GET('/api/sessions'))
}

function end(session: string): void {
  void attempt(async () => {
    await answerOf(api.DELETE('/api/sessions/{session}', { params: { path: { session } } }))
    await load()
  })
}

function endOthers(): void {
  void attempt(async () => {
    await answerOf(api.DELETE('/api/sessions'))
    await load()
  })
}

onMounted(() => attempt(load))
defineExpose({ load })
</script>

<template>
  <section aria-labelledby="sessions">
    <h2 id="sessions">{{ t('openSessions.loggedInDevices') }}</h2>
    <UiAlert v-if="problem" :say="problem" />
    <ul>
      <li v-for="one in sessions" :key="one.id">
        <span>
          <b>{{ one.device }}</b>
          <small>
            {{
              t('openSessions.from', {
                seenAt: one.own
                  ? t('openSessions.thisDeviceNow')
                  : t('openSessions.lastUsed', { seenAt: moment(one.seenAt) }),
                address: one.address,
              })
            }}
          </small>
        </span>
        <UiButton
          v-if="!one.own"
          :disabled="busy"
          :aria-label="t('openSessions.logOutDevice', { device: one.device })"
          @click="end(one.id)"
        >
          {{ t('openSessions.logOutDevice2') }}
        </UiButton>
      </li>
    </ul>
    <p v-if="sessions.length > 2">
      <UiButton :disabled="busy" @click="endOthers">{{ t('openSessions.logOutAllOtherDevices') }}</UiButton>
    </p>
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
  min-height: 56px;
  border-top: 1px solid var(--line);
}
b {
  font-weight: 500;
}
small {
  display: block;
  color: var(--text-2);
}
</style>
