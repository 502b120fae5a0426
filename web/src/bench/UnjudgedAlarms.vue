<script setup lang="ts">
import { useCatalogue } from '@/stores/catalogue'
import RedFlagLine from './RedFlagLine.vue'
import { useUnjudged } from './useUnjudged'

/** Answers not judged yet that are an emergency whatever the verdict will be. */
const catalogue = useCatalogue()
const { alarms } = useUnjudged()
</script>

<template>
  <ul v-if="alarms.length > 0" role="alert">
    <RedFlagLine v-for="alarm in alarms" :key="alarm.say" :urgency="catalogue.label('urgency', 'emergency')">
      {{ alarm.ask }}. {{ alarm.say }}
    </RedFlagLine>
  </ul>
</template>

<style scoped>
ul {
  display: grid;
  gap: 8px;
}
</style>
