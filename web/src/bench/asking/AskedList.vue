<script setup lang="ts">
import { asAnswer } from '@/shared/values'
import type { Payload, Question } from '@/contract/types'
import FlagPicker from '@/bench/inputs/FlagPicker.vue'

defineProps<{ questions: Question[]; answers: Payload }>()
const emit = defineEmits<{ answer: [key: string, value: boolean] }>()
</script>

<template>
  <ul class="asked">
    <li v-for="question in questions" :key="question.key">
      <span>{{ question.ask }}</span>
      <FlagPicker
        :value="asAnswer(answers[question.key])"
        :label="question.ask"
        @pick="(value) => emit('answer', question.key, value)"
      />
    </li>
    <slot />
  </ul>
</template>

<style scoped>
.asked :slotted(li),
.asked li {
  display: grid;
  grid-template-columns: 1fr minmax(210px, 300px);
  gap: 16px;
  align-items: center;
  padding: 4px 0;
  border-top: 1px solid var(--line);
}
.asked :slotted(.long) {
  grid-template-columns: 150px 1fr;
}
@media (--phone) {
  .asked :slotted(li),
  .asked :slotted(.long),
  .asked li {
    grid-template-columns: 1fr;
    gap: 4px;
  }
}
</style>
