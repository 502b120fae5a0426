<script setup lang="ts">
import { computed } from 'vue'
import type { ExaminationSummary, ReferenceResult } from '@/contract/types'
import { t } from '@/messages/people'
import { day } from '@/shared/dates'
import { capital, inHundred } from '@/shared/words'

/** Every visit of a knee with what it came to, and what scans and operations showed between them; each visit opens. */
const props = defineProps<{
  visits: readonly ExaminationSummary[]
  results?: readonly ReferenceResult[]
  /** Whose knee each line is of, by the id of the visit or result; where lines of both stand in one list. */
  sides?: ReadonlyMap<string, string>
}>()

/** Newest first, as the visits are. */
const lines = computed(() =>
  [
    ...props.visits.map((visit) => ({ key: visit.id, at: visit.examinedAt, visit, result: null })),
    ...(props.results ?? []).map((result) => ({ key: result.id, at: result.on, visit: null, result })),
  ].sort((one, other) => other.at.localeCompare(one.at)),
)

function shown({ label, answers }: ReferenceResult): string {
  const found = answers.map((one) => (one.seen === 'present' ? one.label : t('visitList.no', { label: one.label })))
  return t('visitList.result', { label, found: found.join(', ') })
}

const PLAYS = { available: t('visitList.mayPlay'), modified: t('visitList.playsWithLimits'), out: 'out', '': '' }

function state({ status, corrected, isBaseline }: ExaminationSummary): string {
  if (status !== 'signed') return 'unfinished'
  return corrected ? t('visitList.signedAndCorrected') : isBaseline ? t('visitList.baselineSigned') : 'signed'
}

/** What was likely, where they were sent, and whether they may play. */
function told({ came }: ExaminationSummary): string {
  if (!came) return ''
  const found = came.found.map(({ label, chance, zone }) => {
    if (zone === 'confirmed') return t('visitList.known', { label: capital(label) })
    if (zone === 'withheld') return t('visitList.treated', { label: capital(label) })
    return t('visitList.in100', { label: capital(label), chance: inHundred(chance) })
  })
  const parts = [
    found.join(', ') || t('visitList.nothingToActOn'),
    ...came.sentOn.slice(0, 1),
    PLAYS[came.availability],
  ]
  return parts.filter(Boolean).join(' · ')
}
</script>

<template>
  <ol :class="{ both: sides }">
    <li v-for="{ key, visit, result } in lines" :key="key">
      <p v-if="result" class="result">
        <span class="number">
          {{ day(result.on) }}
          <b v-if="sides" class="side">{{ sides.get(key) }}</b>
        </span>
        <span class="came">{{ shown(result) }}</span>
      </p>
      <RouterLink
        v-else-if="visit"
        :to="{ name: visit.status === 'signed' ? 'summary' : 'bench', params: { id: visit.id } }"
      >
        <span class="number">
          <span class="unseen">{{ t('visitList.examinationOf') }}</span>
          {{ ` ${day(visit.examinedAt)} ` }}
          <b v-if="sides" class="side">{{ sides.get(key) }}</b>
        </span>
        <span class="came">{{ told(visit) }}</span>
        <span class="quiet-text">{{ state(visit) }}</span>
      </RouterLink>
    </li>
  </ol>
</template>

<style scoped>
a,
.result {
  display: grid;
  grid-template-columns: minmax(102px, auto) minmax(0, 1fr) auto;
  gap: 2px 16px;
  align-items: center;
  min-height: var(--touch);
  padding: 6px 0;
  border-top: 1px solid var(--line);
  text-decoration: none;
}
.result {
  grid-template-columns: minmax(102px, auto) minmax(0, 1fr);
  color: var(--text-2);
}
.both a,
.both .result {
  grid-template-columns: minmax(134px, auto) minmax(0, 1fr) auto;
}
.side {
  display: inline-block;
  min-width: 1.6em;
  margin-left: 8px;
}
a:hover .number {
  text-decoration: underline;
}
@media (--phone) {
  a,
  .both a {
    grid-template-columns: 1fr auto;
  }
  .came {
    grid-row: 2;
    grid-column: 1 / -1;
  }
}
</style>
