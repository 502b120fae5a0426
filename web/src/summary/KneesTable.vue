<script setup lang="ts">
import { computed } from 'vue'
import type { Assessment, Side } from '@/contract/types'
import { t } from '@/messages/summary'
import { capital, signed } from '@/shared/words'
import { useCatalogue } from '@/stores/catalogue'

const props = defineProps<{
  measurements: Assessment['measurements']
  /** Of a baseline: the knee whose figures come first; none is hurt. */
  baselineFrom?: Side | undefined
}>()
const catalogue = useCatalogue()
const knees = computed(() =>
  props.baselineFrom === undefined
    ? [t('kneesTable.hurt'), t('kneesTable.other')]
    : [props.baselineFrom, props.baselineFrom === 'left' ? 'right' : 'left'].map(capital),
)

type Measurement = Assessment['measurements'][number]

function figure(value: number | null, m: Measurement): string {
  if (value !== null) return `${value} ${m.unit}`
  return m.difference === 0 ? 'normal' : '–'
}

/** Two knees of which neither was measured differ by no figure. */
function difference(m: Measurement): string {
  if (m.difference === null) return '–'
  return m.difference === 0 && m.hurt === null && m.other === null ? 'none' : `${signed(m.difference)} ${m.unit}`
}
</script>

<template>
  <p v-if="measurements.length === 0" class="quiet-text">{{ t('kneesTable.nothingWasMeasuredYet') }}</p>
  <table v-else>
    <thead>
      <tr>
        <th scope="col">{{ t('kneesTable.manoeuvre') }}</th>
        <th v-for="knee in knees" :key="knee" scope="col" class="n">{{ knee }}</th>
        <th scope="col" class="n">{{ t('kneesTable.difference') }}</th>
        <th v-if="!baselineFrom" scope="col">{{ t('kneesTable.grade') }}</th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="m in measurements" :key="m.manoeuvre">
        <th scope="row">{{ catalogue.nameOf(m.manoeuvre) }}</th>
        <td class="n">{{ m.estimate ? t('kneesTable.byFeel') : figure(m.hurt, m) }}</td>
        <td class="n">
          {{ figure(m.other, m) }}
          <small v-if="m.comparedWith === 'baseline'">{{ t('kneesTable.itsBaseline') }}</small>
        </td>
        <td class="n">{{ difference(m) }}</td>
        <td v-if="!baselineFrom">
          <span :class="{ slashed: !m.counts }">{{ m.grade ?? '–' }}</span>
          {{ ' ' }}
          <small v-if="!m.counts">{{ t('kneesTable.notValid') }}</small>
          {{ ' ' }}
          <small v-if="m.provisional && m.grade !== null">{{ t('kneesTable.provisional') }}</small>
        </td>
      </tr>
    </tbody>
  </table>
</template>
