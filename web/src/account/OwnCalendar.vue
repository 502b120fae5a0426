<script setup lang="ts">
import { onMounted, ref } from 'vue'
import { answerOf, api } from '@/api/client'
import type { OwnCalendar, ReturnedCalendar } from '@/contract/types'
import ReturnedTasks from './ReturnedTasks.vue'
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
    tell('Closed: the address opens nothing any more.')
  })
}

async function bringBack(file: File): Promise<void> {
  await attempt(async () => {
    returned.value = await answerOf(api.POST('/api/calendar/returned', { body: { content: await file.text() } }))
  })
}

async function copy(): Promise<void> {
  if (await attempt(() => navigator.clipboard.writeText(address.value))) tell('Copied.')
}

onMounted(() => attempt(load))
</script>

<template>
  <section aria-labelledby="calendar">
    <h2 id="calendar">What is due, in your calendar</h2>
    <template v-if="calendar">
      <p v-if="calendar.open">
        Open{{ calendar.inWords ? ', with names and reasons' : ', with initials alone' }}.
        {{ calendar.readAt ? `Read last on ${moment(calendar.readAt)}.` : 'Not read yet.' }}
      </p>
      <p v-else>
        A secret address that any calendar can subscribe to. Anyone who has it reads what is due in the team.
      </p>
      <template v-if="address">
        <p class="address number">{{ address }}</p>
        <p class="quiet-text">It is shown this once. A new one closes this one.</p>
      </template>
      <UiTick v-model="inWords">Names and reasons in the titles, not initials alone</UiTick>
      <p class="actions">
        <UiButton v-if="address" kind="main" @click="copy">Copy it</UiButton>
        <UiButton :disabled="busy" @click="open">{{ calendar.open ? 'A new address' : 'Make an address' }}</UiButton>
        <UiButton v-if="calendar.open" kind="quiet" :disabled="busy" @click="close">Close it</UiButton>
      </p>
      <UiFile
        v-if="session.user?.answers === true"
        label="A calendar file that came back"
        accept=".ics,text/calendar"
        @chosen="bringBack"
      >
        <b>Moved something in your calendar?</b>
        <p class="quiet-text">Drop the .ics file here to move it here too.</p>
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
