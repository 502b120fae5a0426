<script setup lang="ts">
import { onMounted, ref } from 'vue'
import { answerOf, api } from '@/api/client'
import type { OwnCalendar, ReturnedCalendar } from '@/contract/types'
import ReturnedTasks from './ReturnedTasks.vue'
import { t } from '@/messages/account'
import { moment } from '@/shared/dates'
import { useDoing } from '@/shared/useDoing'
import { useSession } from '@/stores/session'
import UiAlert from '@/ui/UiAlert.vue'
import UiButton from '@/ui/UiButton.vue'
import UiFile from '@/ui/UiFile.vue'
import UiTick from '@/ui/UiTick.vue'
import { tell } from '@/ui/telling'

/** What is due in one's own calendar: an address that it reads, and what comes back from it. */
const session = useSession()
const calendar = ref<OwnCalendar | null>(null)
const returned = ref<ReturnedCalendar | null>(null)
const address = ref('')
const inWords = ref(false)
const { busy, problem, attempt } = useDoing()

async function load(): Promise<void> {
  calendar.value = await answerOf(api.GET('/api/calendar'))
}

function open(): void {
  void attempt(async () => {
    address.value = (await answerOf(api.PUT('/api/calendar', { body: { inWords: inWords.value } }))).address
    await load()
  })
}

function close(): void {
  void attempt(async () => {
    await answerOf(api.DELETE('/api/calendar'))
    address.value = ''
    await load()
    tell(t('ownCalendar.theAddressIsClosedCalendarsThat'))
  })
}

async function bringBack(file: File): Promise<void> {
  await attempt(async () => {
    returned.value = await answerOf(api.POST('/api/calendar/returned', { body: { content: await file.text() } }))
  })
}

async function copy(): Promise<void> {
  if (await attempt(() => navigator.clipboard.writeText(address.value))) tell(t('ownCalendar.copied'))
}

onMounted(() => attempt(load))
</script>

<template>
  <section aria-labelledby="calendar">
    <h2 id="calendar">{{ t('ownCalendar.tasksInYourCalendar') }}</h2>
    <template v-if="calendar">
      <p v-if="calendar.open">
        {{ calendar.inWords ? t('ownCalendar.openInWords') : t('ownCalendar.openInitials') }}
        {{
          calendar.readAt
            ? t('ownCalendar.lastReadByACalendarOn', { readAt: moment(calendar.readAt) })
            : t('ownCalendar.noCalendarHasReadItYet')
        }}
      </p>
      <p v-else>
        {{ t('ownCalendar.aSecretAddressThatAnyCalendar') }}
      </p>
      <template v-if="address">
        <p class="address number">{{ address }}</p>
        <p class="quiet-text">{{ t('ownCalendar.theAddressIsShownOnlyOnce') }}</p>
      </template>
      <UiTick v-model="inWords">{{ t('ownCalendar.showNamesAndReasonsInThe') }}</UiTick>
      <p class="actions">
        <UiButton v-if="address" kind="main" @click="copy">{{ t('ownCalendar.copyAddress') }}</UiButton>
        <UiButton :disabled="busy" @click="open">
          {{ calendar.open ? t('ownCalendar.replaceAddress') : t('ownCalendar.createAddress') }}
        </UiButton>
        <UiButton v-if="calendar.open" kind="quiet" :disabled="busy" @click="close">
          {{ t('ownCalendar.closeAddress') }}
        </UiButton>
      </p>
      <UiFile
        v-if="session.user?.answers === true"
        :label="t('ownCalendar.exportedCalendarFile')"
        accept=".ics,text/calendar"
        @chosen="bringBack"
      >
        <b>{{ t('ownCalendar.movedATaskInYourCalendar') }}</b>
        <p class="quiet-text">{{ t('ownCalendar.dropTheIcsFileHereTo') }}</p>
      </UiFile>
      <ReturnedTasks v-if="returned" :returned="returned" />
    </template>
    <UiAlert v-if="problem" :say="problem" />
  </section>
</template>

<style scoped>
section {
  display: grid;
  gap: 12px;
}
.address {
  overflow-wrap: anywhere;
  padding: 10px 14px;
  background: var(--card);
  border: 1px solid var(--line);
  border-radius: var(--radius);
}
.actions {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
}
</style>
