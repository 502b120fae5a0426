<script setup lang="ts">
import { computed, defineAsyncComponent, reactive, ref } from 'vue'
import type { Task } from '@/contract/types'
import { t } from '@/messages/people'
import { span } from '@/shared/dates'
import UiButton from '@/ui/UiButton.vue'
import { kneeOf } from '@/shared/words'

/** What is due, by when it is; each opens with what can be done about it. */
const props = defineProps<{ tasks: readonly Task[] }>()

const emit = defineEmits<{ changed: []; examine: [task: Task] }>()

const ReferenceResultDialog = defineAsyncComponent(() => import('./ReferenceResultDialog.vue'))
const BeginLetter = defineAsyncComponent(() => import('@/letters/BeginLetter.vue'))
const TaskDialog = defineAsyncComponent(() => import('./TaskDialog.vue'))

const GROUPS: { id: Task['when']; label: string }[] = [
  { id: 'overdue', label: t('dueList.overdue') },
  { id: 'today', label: t('dueList.today') },
  { id: 'week', label: t('dueList.thisWeek') },
  { id: 'later', label: t('dueList.later') },
  { id: 'awaited', label: t('dueList.awaitingReply') },
]
const FIRST = 4
const whole = reactive(new Set<Task['when']>())
const open = ref<Task | null>(null)
const result = ref<Task | null>(null)
/** Whose plan asked for what a letter is to be written about. */
const letter = ref<string | null>(null)
const groups = computed(() =>
  GROUPS.map((group) => ({ ...group, tasks: props.tasks.filter((task) => task.when === group.id) })).filter(
    (group) => group.tasks.length > 0,
  ),
)

/** What is not late yet is told in a few lines, until someone asks for all. */
function shownOf({ id, tasks }: { id: Task['when']; tasks: Task[] }): Task[] {
  return whole.has(id) || id === 'overdue' || id === 'today' ? tasks : tasks.slice(0, FIRST)
}

function changed(): void {
  open.value = null
  result.value = null
  emit('changed')
}

function resultOf(task: Task): void {
  open.value = null
  result.value = task
}

function write(task: Task): void {
  open.value = null
  letter.value = task.examination
}

function examine(task: Task): void {
  open.value = null
  emit('examine', task)
}
</script>

<template>
  <div v-for="group in groups" :key="group.id" class="group">
    <h3 :class="{ late: group.id === 'overdue' }">{{ group.label }}</h3>
    <ul>
      <li v-for="task in shownOf(group)" :key="task.id">
        <button class="task" type="button" @click="open = task">
          <b v-if="task.athlete">
            {{ [task.athlete.name, task.side && kneeOf(task.side)].filter(Boolean).join(', ') }}
          </b>
          <span>{{ task.reason }}</span>
          <small class="number">{{ span(task.dueFrom, task.dueOn) }}</small>
        </button>
        <UiButton v-if="group.id === 'awaited' && task.episode" @click="result = task">
          {{ t('dueList.enterResult') }}
        </UiButton>
      </li>
    </ul>
    <UiButton v-if="shownOf(group).length < group.tasks.length" class="all" kind="quiet" @click="whole.add(group.id)">
      {{ t('dueList.showAll', { n: group.tasks.length }) }}
    </UiButton>
  </div>
  <TaskDialog
    v-if="open"
    :task="open"
    @close="open = null"
    @changed="changed"
    @examine="examine"
    @result="resultOf"
    @letter="write"
  />
  <BeginLetter v-if="letter" :examination="letter" @close="letter = null" />
  <ReferenceResultDialog
    v-if="result?.episode"
    :episode="result.episode"
    :task="result.id"
    @close="result = null"
    @saved="changed"
  />
</template>

<style scoped>
.group {
  display: grid;
  grid-template-columns: 110px 1fr;
  gap: 16px;
  padding: 6px 0;
  border-top: 1px solid var(--line);
}
.all {
  grid-column: 2;
  justify-self: start;
  margin-left: -18px;
}
li {
  display: flex;
  align-items: center;
  gap: 12px;
}
h3 {
  padding-top: 10px;
  font-weight: 500;
  color: var(--text-2);
}
h3.late {
  font-weight: 680;
  color: var(--ink);
}
.task {
  display: grid;
  width: 100%;
  min-height: var(--touch);
  padding: 8px 0;
  font: inherit;
  color: inherit;
  text-align: left;
  background: none;
  border: 0;
  cursor: pointer;
}
.task:hover b,
.task:hover span {
  text-decoration: underline;
}
.task b {
  font-weight: 600;
}
small {
  color: var(--text-3);
}
@media (--phone) {
  .all {
    grid-column: 1;
  }
  .group {
    grid-template-columns: 1fr;
    gap: 0;
  }
}
</style>
