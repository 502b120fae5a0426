<script setup lang="ts">
import type { SafetyLine } from '@/contract/types'
import { useCatalogue } from '@/stores/catalogue'
import RedFlagLine from './RedFlagLine.vue'

defineProps<{ lines: SafetyLine[] }>()
const catalogue = useCatalogue()
</script>

<template>
  <ul v-if="lines.length > 0" class="lines">
    <RedFlagLine v-for="(line, at) in lines" :key="line.rule" :urgency="catalogue.urgencyOf(line)">
      {{ line.say }}
      <span v-if="at === 0 && $slots.default" class="onward"><slot /></span>
    </RedFlagLine>
  </ul>
</template>

<style scoped>
.onward {
  display: block;
  margin-top: 8px;
}
.lines {
  display: grid;
  gap: 8px;
}
</style>
