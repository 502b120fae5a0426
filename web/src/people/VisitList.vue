<script setup lang="ts">
import type { ExaminationSummary } from '@/contract/types'
import { day } from '@/shared/dates'

/** Every time that a knee was looked at; each opens. */
defineProps<{ visits: readonly ExaminationSummary[] }>()
</script>

<template>
  <ol>
    <li v-for="visit in visits" :key="visit.id">
      <RouterLink :to="{ name: visit.status === 'signed' ? 'summary' : 'bench', params: { id: visit.id } }">
        <span class="number">
          <span class="unseen">Examination of</span>
          {{ ` ${day(visit.examinedAt)} ` }}
        </span>
        <span class="quiet-text">
          {{ visit.corrected ? 'signed, and corrected' : visit.status === 'signed' ? 'signed' : 'unfinished' }}
        </span>
      </RouterLink>
    </li>
  </ol>
</template>

<style scoped>
a {
  display: flex;
  justify-content: space-between;
  align-items: center;
  min-height: var(--touch);
  border-top: 1px solid var(--line);
}
</style>
