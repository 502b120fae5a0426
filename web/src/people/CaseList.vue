<script setup lang="ts">
import type { Today } from '@/contract/types'
import { t } from '@/messages/people'
import { daysSince, moment } from '@/shared/dates'
import { kneeOf, letterOf } from '@/shared/words'

/** Examinations with whose knee it is; each opens where it is gone on with, or read. */
defineProps<{ cases: readonly Today['unfinished'][number][]; to: 'bench' | 'summary' }>()

function sinceInjury(injuredOn: string | null): string {
  if (injuredOn === null) return t('caseList.cameOnWithoutAnInjury')
  const days = daysSince(injuredOn)
  return days === 0
    ? t('caseList.injuredToday')
    : days === 1
      ? t('caseList.day1AfterTheInjury')
      : t('caseList.dayAfterTheInjury', { days })
}
</script>

<template>
  <ol>
    <li v-for="{ athlete, examination } in cases" :key="examination.id">
      <RouterLink :to="{ name: to, params: { id: examination.id } }" class="case">
        <span class="side" aria-hidden="true">
          {{ examination.isBaseline ? t('caseList.lr') : letterOf(examination.hurtSide) }}
        </span>
        <span class="who">
          <b>{{ athlete.name }}</b>
          <span>
            {{ athlete.squad }} ·
            {{ examination.isBaseline ? t('caseList.baseline') : kneeOf(examination.hurtSide) }}
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
