<script setup lang="ts">
import UiChoice from '@/ui/UiChoice.vue'
import UiFigure from '@/ui/UiFigure.vue'
import type { TypedTest } from './typedTest'

defineProps<{ number: number; removable: boolean }>()
const emit = defineEmits<{ remove: [] }>()
const test = defineModel<TypedTest>({ required: true })
const OUTCOMES = [
  { id: 'positive', label: 'positive' },
  { id: 'negative', label: 'negative' },
] as const
</script>

<template>
  <fieldset>
    <legend>Test {{ number }}</legend>
    <label class="field wide">
      <span>Name</span>
      <input v-model="test.name" type="text" maxlength="40" />
    </label>
    <UiFigure v-model="test.sensitivity" label="Sensitivity, %" :least="0.1" :most="99.9" />
    <UiFigure v-model="test.specificity" label="Specificity, %" :least="0.1" :most="99.9" />
    <div class="outcome wide">
      <UiChoice
        :label="`Outcome of test ${number}`"
        :value="test.outcome"
        :options="OUTCOMES"
        @pick="(outcome) => (test.outcome = outcome)"
      />
      <button
        v-if="removable"
        type="button"
        class="button quiet"
        :aria-label="`Remove test ${number}`"
        @click="emit('remove')"
      >
        remove
      </button>
    </div>
  </fieldset>
</template>

<style scoped>
fieldset {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 8px 10px;
  margin: 0;
  padding: 10px 12px 12px;
  border: 1px solid var(--line);
  border-radius: var(--radius);
}
legend {
  padding: 0 4px;
  font-weight: 650;
}
.wide {
  grid-column: 1 / -1;
}
.outcome {
  display: grid;
  grid-template-columns: 1fr auto;
  gap: 5px;
}
.outcome .quiet {
  padding: 0 8px;
}
</style>
