<script setup lang="ts">
import { t } from '@/messages/bench'
import { useCatalogue } from '@/stores/catalogue'
import RedFlagLine from './RedFlagLine.vue'
import { useUnjudged } from './useUnjudged'

/** While entries wait for the server: how many, what is an emergency whatever it will say, and what not to trust. */
defineProps<{ older?: string }>()
const catalogue = useCatalogue()
const { isJudgedHere, isLate, words, otherRules, alarms } = useUnjudged()
</script>

<template>
  <section
    v-if="isLate || alarms.length > 0"
    class="unjudged"
    :aria-label="isJudgedHere ? t('unjudgedNotice.judgedOnThisDevice') : t('unjudgedNotice.notJudgedYet')"
  >
    <ul v-if="alarms.length > 0" role="alert">
      <RedFlagLine v-for="alarm in alarms" :key="alarm.say" :urgency="catalogue.label('urgency', 'emergency')">
        {{ alarm.ask }}. {{ alarm.say }}
      </RedFlagLine>
    </ul>
    <p v-if="isLate" role="status">
      <b>{{ words }}.</b>
      {{ isJudgedHere ? otherRules : older }}
    </p>
  </section>
</template>

<style scoped>
.unjudged {
  display: grid;
  gap: 8px;
}
ul {
  display: grid;
  gap: 8px;
}
p {
  padding: 8px 14px;
  border: 2px dashed var(--ink);
  border-radius: var(--radius);
}
</style>
