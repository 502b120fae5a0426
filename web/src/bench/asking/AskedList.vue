<script setup lang="ts">
import { t } from '@/messages/bench'
import { asAnswer } from '@/shared/values'
import type { Payload, Question } from '@/contract/types'
import FlagPicker from '@/bench/inputs/FlagPicker.vue'

const props = defineProps<{ questions: Question[]; answers: Payload; before?: { day: string; answers: Payload } }>()
const emit = defineEmits<{ answer: [key: string, value: boolean] }>()

/** The answer of the last visit, where today's is another. */
function changed(key: string): string {
  const [then, now] = [props.before?.answers[key], props.answers[key]]
  if (typeof then !== 'boolean' || then === now) return ''
  return t('askedList.before', { day: props.before?.day, answer: then ? 'yes' : 'no' })
}
</script>

<template>
  <ul class="asked">
    <li v-for="question in questions" :key="question.key">
      <span>
        {{ question.ask }}
        <small v-if="changed(question.key)" class="quiet-text">{{ changed(question.key) }}</small>
      </span>
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
.asked small,
.asked :slotted(li) small {
  display: block;
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
