<script setup lang="ts">
import type { ReturnedCalendar } from '@/contract/types'
import { day } from '@/shared/dates'

/** What a calendar file that came back changed, and what it left alone. */
defineProps<{ returned: ReturnedCalendar }>()

const days = ({ dueFrom, dueOn }: ReturnedCalendar['moved'][number]): string =>
  [...new Set([dueFrom, dueOn].filter((one): one is string => one !== null))].map((one) => day(one)).join(' to ')
</script>

<template>
  <div role="status">
    <p v-if="returned.moved.length === 0 && returned.left.length === 0">No task stands on another day in this file.</p>
    <template v-if="returned.moved.length > 0">
      <b>Moved</b>
      <ul>
        <li v-for="task in returned.moved" :key="task.id">
          {{ task.athlete?.name }}: {{ task.title }}, now {{ days(task) }}
        </li>
      </ul>
    </template>
    <template v-if="returned.left.length > 0">
      <b>Not moved</b>
      <ul>
        <li v-for="(task, index) in returned.left" :key="index">
          {{ task.athlete }}: {{ task.title }}; {{ task.reason }}
        </li>
      </ul>
    </template>
    <p v-if="returned.same > 0" class="quiet-text">{{ returned.same }} on the same day as here.</p>
    <p v-if="returned.unknown > 0" class="quiet-text">{{ returned.unknown }} of no task of this team.</p>
  </div>
</template>

<style scoped>
div {
  display: grid;
  gap: 6px;
}
</style>
