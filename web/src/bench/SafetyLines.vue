<script setup lang="ts">
import type { SafetyLine } from '@/contract/types'
import { useCatalogue } from '@/stores/catalogue'

defineProps<{ lines: SafetyLine[] }>()
const catalogue = useCatalogue()
</script>

<template>
  <ul v-if="lines.length > 0" class="lines">
    <li v-for="(line, at) in lines" :key="line.rule" class="ink-line">
      <svg viewBox="0 0 24 24" width="26" height="26" aria-hidden="true">
        <path
          d="M12 2 23 21H1z M12 9v6 M12 17.6v1.4"
          fill="none"
          stroke="currentColor"
          stroke-width="2.2"
          stroke-linejoin="round"
        />
      </svg>
      <span>
        <b>{{ catalogue.urgencyOf(line) }}</b>
        {{ line.say }}
        <span v-if="at === 0 && $slots.default" class="onward"><slot /></span>
      </span>
    </li>
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
