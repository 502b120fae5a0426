<script setup lang="ts">
import type { Today } from '@/contract/types'
import { daysSince, moment } from '@/shared/dates'

/** Examinations with whose knee it is; each opens where it is gone on with, or read. */
defineProps<{ cases: readonly Today['unfinished'][number][]; to: 'bench' | 'summary' }>()

function sinceInjury(injuredOn: string | null): string {
  if (injuredOn === null) return 'came on without an injury'
  const days = daysSince(injuredOn)
  return days === 0 ? 'injured today' : days === 1 ? 'day 1 after the injury' : `day ${days} after the injury`
}
</script>

<template>
  <ol>
    <li v-for="{ athlete, examination } in cases" :key="examination.id">
      <RouterLink :to="{ name: to, params: { id: examination.id } }" class="case">
        <span class="side" aria-hidden="true">
          {{ examination.isBaseline ? 'LR' : examination.hurtSide === 'left' ? 'L' : 'R' }}
        </span>
        <span class="who">
          <b>{{ athlete.name }}</b>
          <span>
            {{ athlete.squad }} · {{ examination.isBaseline ? 'baseline' : `${examination.hurtSide} knee` }}
            <template v-if="!examination.isBaseline">· {{ sinceInjury(examination.injuredOn) }}</template>
          </span>
        </span>
        <span class="when quiet-text">{{ moment(examination.examinedAt) }}</span>
      </RouterLink>
    </li>
  </ol>
</template>

<style scoped>
.case {
  display: grid;
  grid-template-columns: 44px 1fr auto;
  gap: 14px;
  align-items: center;
  min-height: 68px;
  padding: 8px 14px 8px 10px;
  margin-bottom: 8px;
  text-decoration: none;
  background: var(--card);
  border: 1px solid var(--line);
  border-radius: var(--radius);
}
.case:hover {
  border-color: var(--ink);
}
.side {
  display: grid;
  place-items: center;
  width: 44px;
  height: 44px;
  font-size: var(--type-head);
  font-weight: 680;
  border: 2px solid var(--line-2);
  border-radius: 50%;
}
.who {
  display: grid;
}
.who b {
  font-size: var(--type-lead);
}
.who span {
  color: var(--text-2);
}
.when {
  font-size: var(--type-small);
}
@media (--phone) {
  .case {
    grid-template-columns: 44px 1fr;
  }
  .when {
    grid-column: 2;
  }
}
</style>
