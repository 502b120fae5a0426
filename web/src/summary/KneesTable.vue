<script setup lang="ts">
import type { Assessment } from '@/contract/types'
import { signed } from '@/shared/words'
import { useCatalogue } from '@/stores/catalogue'

defineProps<{ measurements: Assessment['measurements'] }>()
const catalogue = useCatalogue()

type Measurement = Assessment['measurements'][number]

function figure(value: number | null, m: Measurement): string {
  if (value !== null) return `${value} ${m.unit}`
  return m.difference === 0 ? 'normal' : '–'
}
</script>

<template>
  <p v-if="measurements.length === 0" class="quiet-text">Nothing was measured yet.</p>
  <table v-else>
    <thead>
      <tr>
        <th scope="col">Manoeuvre</th>
        <th scope="col" class="n">Hurt</th>
        <th scope="col" class="n">Other</th>
        <th scope="col" class="n">Difference</th>
        <th scope="col">Grade</th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="m in measurements" :key="m.manoeuvre">
        <th scope="row">{{ catalogue.nameOf(m.manoeuvre) }}</th>
        <td class="n">{{ m.estimate ? 'by feel' : figure(m.hurt, m) }}</td>
        <td class="n">
          {{ figure(m.other, m) }}
          <small v-if="m.comparedWith === 'baseline'">its baseline</small>
        </td>
        <td class="n">{{ m.difference === null ? '–' : `${signed(m.difference)} ${m.unit}` }}</td>
        <td>
          <span :class="{ slashed: !m.counts }">{{ m.grade ?? '–' }}</span>
          {{ ' ' }}
          <small v-if="!m.counts">does not count</small>
          {{ ' ' }}
          <small v-if="m.provisional && m.grade !== null">provisional</small>
        </td>
      </tr>
    </tbody>
  </table>
</template>
