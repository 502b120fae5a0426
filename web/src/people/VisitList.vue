<script setup lang="ts">
import type { ExaminationSummary } from '@/contract/types'
import { t } from '@/messages/people'
import { day } from '@/shared/dates'
import { capital, inHundred } from '@/shared/words'

/** Every time that a knee was looked at, with what it came to; each opens. */
defineProps<{ visits: readonly ExaminationSummary[] }>()

const PLAYS = { available: t('visitList.mayPlay'), modified: t('visitList.playsWithLimits'), out: 'out', '': '' }

function state({ status, corrected, isBaseline }: ExaminationSummary): string {
  if (status !== 'signed') return 'unfinished'
  return corrected ? t('visitList.signedAndCorrected') : isBaseline ? t('visitList.baselineSigned') : 'signed'
}

/** What was likely, where they were sent, and whether they may play. */
function told({ came }: ExaminationSummary): string {
  if (!came) return ''
  const found = came.found.map(({ label, chance }) =>
    t('visitList.in100', { label: capital(label), chance: inHundred(chance) }),
  )
  const parts = [
    found.join(', ') || t('visitList.nothingToActOn'),
    ...came.sentOn.slice(0, 1),
    PLAYS[came.availability],
  ]
  return parts.filter(Boolean).join(' · ')
}
</script>

<template>
  <ol>
    <li v-for="visit in visits" :key="visit.id">
      <RouterLink :to="{ name: visit.status === 'signed' ? 'summary' : 'bench', params: { id: visit.id } }">
        <span class="number">
          <span class="unseen">{{ t('visitList.examinationOf') }}</span>
          {{ ` ${day(visit.examinedAt)} ` }}
        </span>
        <span class="came">{{ told(visit) }}</span>
        <span class="quiet-text">{{ state(visit) }}</span>
      </RouterLink>
    </li>
  </ol>
</template>

<style scoped>
a {
  display: grid;
  grid-template-columns: auto minmax(0, 1fr) auto;
  gap: 2px 16px;
  align-items: center;
  min-height: var(--touch);
  padding: 6px 0;
  border-top: 1px solid var(--line);
  text-decoration: none;
}
a:hover .number {
  text-decoration: underline;
}
@media (--phone) {
  a {
    grid-template-columns: 1fr auto;
  }
  .came {
    grid-row: 2;
    grid-column: 1 / -1;
  }
}
</style>
