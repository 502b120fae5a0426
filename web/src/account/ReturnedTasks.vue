<script setup lang="ts">
import type { ReturnedCalendar } from '@/contract/types'
import { t } from '@/messages/account'
import { day } from '@/shared/dates'

/** What a calendar file that came back changed, and what it left alone. */
defineProps<{ returned: ReturnedCalendar }>()

const days = ({ dueFrom, dueOn }: ReturnedCalendar['moved'][number]): string =>
  [...new Set([dueFrom, dueOn].filter((one): one is string => one !== null))].map((one) => day(one)).join(' to ')
</script>

<template>
  <div role="status">
    <p v-if="returned.moved.length === 0 && returned.left.length === 0">
      {{ t('returnedTasks.noTaskInThisFileHas') }}
    </p>
    <template v-if="returned.moved.length > 0">
      <b>{{ t('returnedTasks.moved') }}</b>
      <ul>
        <li v-for="task in returned.moved" :key="task.id">
          {{ t('returnedTasks.now', { name: task.athlete?.name, title: task.title, task: days(task) }) }}
        </li>
      </ul>
    </template>
    <template v-if="returned.left.length > 0">
      <b>{{ t('returnedTasks.notMoved') }}</b>
      <ul>
        <li v-for="(task, index) in returned.left" :key="index">
          {{ task.athlete }}: {{ task.title }}; {{ task.reason }}
        </li>
      </ul>
    </template>
    <p v-if="returned.same > 0" class="quiet-text">
      {{ t('returnedTasks.notChanged', { same: returned.same }) }}
    </p>
    <p v-if="returned.unknown > 0" class="quiet-text">
      {{ t('returnedTasks.notTasksOfThisTeam', { unknown: returned.unknown }) }}
    </p>
  </div>
</template>

<style scoped>
div {
  display: grid;
  gap: 6px;
}
</style>
