<script setup lang="ts">
import { computed, onMounted, onScopeDispose, ref } from 'vue'
import { answerOf, api } from '@/api/client'
import type { SentReferral, SentReferrals, Task } from '@/contract/types'
import { t } from '@/messages/exchange'
import { day, moment } from '@/shared/dates'
import { useDoing } from '@/shared/useDoing'
import UiAlert from '@/ui/UiAlert.vue'
import UiButton from '@/ui/UiButton.vue'
import { tell } from '@/ui/telling'

/** Referrals of an athlete that the hospital can be sent, and what became of those that were. */
const props = defineProps<{ athlete: string; tasks: readonly Task[] }>()
const emit = defineEmits<{ changed: [] }>()

const AGAIN_MS = 2_000
const told = ref<SentReferrals | null>(null)
const { busy, problem, attempt } = useDoing()
let timer: ReturnType<typeof setTimeout> | undefined
onScopeDispose(() => clearTimeout(timer))

const STATES: Record<SentReferral['state'], string> = {
  waiting: t('hospital.waiting'),
  sent: t('hospital.sent'),
  answered: t('hospital.answered'),
  declined: t('hospital.declined'),
  added: t('hospital.added'),
  failed: t('hospital.failed'),
}

const unsent = computed(() =>
  told.value?.isConnected
    ? props.tasks.filter(
        ({ id, kind, episode }) =>
          kind === 'referral' && episode !== null && !told.value?.referrals.some(({ task }) => task === id),
      )
    : [],
)
const isShown = computed(() => unsent.value.length > 0 || (told.value?.referrals.length ?? 0) > 0)

async function load(): Promise<void> {
  const params = { path: { athlete: props.athlete } }
  told.value = await answerOf(api.GET('/api/athletes/{athlete}/sent-referrals', { params }))
  clearTimeout(timer)
  const isOnItsWay = told.value.referrals.some(({ state, nextAt }) => state === 'waiting' && nextAt === null)
  if (isOnItsWay) timer = setTimeout(() => void attempt(load), AGAIN_MS)
}

async function send(task: Task): Promise<void> {
  await attempt(async () => {
    await answerOf(api.POST('/api/tasks/{task}/sent-referral', { params: { path: { task: task.id } } }))
    await load()
    emit('changed')
  })
}

async function again({ id: sentReferral }: SentReferral): Promise<void> {
  await attempt(async () => {
    await answerOf(api.POST('/api/sent-referrals/{sentReferral}/again', { params: { path: { sentReferral } } }))
    await load()
  })
}

async function add({ id: sentReferral }: SentReferral): Promise<void> {
  await attempt(async () => {
    await answerOf(api.POST('/api/sent-referrals/{sentReferral}/result', { params: { path: { sentReferral } } }))
    await load()
    tell(t('hospital.resultAdded'))
    emit('changed')
  })
}

/** How it stands: since when, with what appointment, what went wrong, and when it is tried again. */
function standing({ state, sentAt, problem: why, attempts, nextAt, appointmentAt }: SentReferral): string {
  return [
    STATES[state],
    state === 'sent' && sentAt && moment(sentAt),
    appointmentAt && t('hospital.appointment', { at: moment(appointmentAt) }),
    why,
    state === 'waiting' && attempts > 1 && t('deliveries.attempts', { n: attempts }),
    why && nextAt && t('deliveries.nextAt', { at: moment(nextAt) }),
  ]
    .filter(Boolean)
    .join(' · ')
}

const seenAs = (state: string, condition: string): string =>
  state === 'present' ? t('hospital.present', { condition }) : t('hospital.absent', { condition })

/** “MRI, 3 Dec 2026: ACL tear found, MCL sprain not found.” */
function foundIn({ label, on, answers, note }: NonNullable<SentReferral['found']>): string {
  const seen = answers.map(({ label: condition, seen: state, grade }) =>
    seenAs(state, grade === null ? condition : t('hospital.grade', { condition, grade })),
  )
  return [t('hospital.found', { label, on: day(on), seen: seen.join(', ') }), note].filter(Boolean).join(' ')
}

onMounted(() => attempt(load))
</script>

<template>
  <section v-if="isShown || problem" aria-labelledby="hospital">
    <h2 id="hospital">{{ t('hospital.title') }}</h2>
    <UiAlert v-if="problem" :say="problem" />
    <p v-if="unsent.length > 0" class="quiet-text">{{ t('hospital.whatIsSent') }}</p>
    <ul>
      <li v-for="task in unsent" :key="task.id">
        <span>{{ task.title }}</span>
        <UiButton :disabled="busy" @click="send(task)">{{ t('hospital.send') }}</UiButton>
      </li>
      <li v-for="one in told?.referrals" :key="one.id">
        <span>
          {{ one.title }}
          <small role="status">{{ standing(one) }}</small>
          <small v-if="one.found">{{ foundIn(one.found) }}</small>
        </span>
        <UiButton v-if="one.state === 'answered'" kind="main" :disabled="busy" @click="add(one)">
          {{ t('hospital.add') }}
        </UiButton>
        <UiButton v-else-if="one.state === 'sent'" :disabled="busy" @click="again(one)">
          {{ t('hospital.check') }}
        </UiButton>
        <UiButton
          v-else-if="one.state === 'failed' || (one.state === 'waiting' && one.nextAt)"
          :disabled="busy"
          @click="again(one)"
        >
          {{ t('hospital.again') }}
        </UiButton>
      </li>
    </ul>
  </section>
</template>

<style scoped>
ul {
  margin: 0;
  padding: 0;
  list-style: none;
}
li {
  display: flex;
  align-items: center;
  justify-content: space-between;
  gap: 12px;
  padding: 8px 0;
  border-top: 1px solid var(--line);
}
small {
  display: block;
  color: var(--text-2);
}
</style>
