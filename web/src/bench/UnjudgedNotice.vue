<script setup lang="ts">
import { t } from '@/messages/bench'
import { useUnjudged } from './useUnjudged'

/** How many entries wait for the server, and what not to trust until it has answered. */
defineProps<{ older?: string }>()
const { isJudgedHere, isLate, words, otherRules } = useUnjudged()
</script>

<template>
  <section
    v-if="isLate"
    :aria-label="isJudgedHere ? t('unjudgedNotice.judgedOnThisDevice') : t('unjudgedNotice.notJudgedYet')"
  >
    <p role="status">
      <b>{{ words }}.</b>
      {{ isJudgedHere ? otherRules : older }}
    </p>
  </section>
</template>

<style scoped>
p {
  padding: 8px 14px;
  background: var(--card);
  border: 2px dashed var(--ink);
  border-radius: var(--radius);
}
</style>
