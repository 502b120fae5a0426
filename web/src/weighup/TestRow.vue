<script setup lang="ts">
import type { TypedTest } from './typedTest'

defineProps<{ number: number; removable: boolean }>()
const emit = defineEmits<{ remove: [] }>()
const test = defineModel<TypedTest>({ required: true })
</script>

<template>
  <fieldset>
    <legend>Test {{ number }}</legend>
    <label class="field wide">
      <span>Name</span>
      <input v-model="test.name" type="text" maxlength="40" />
    </label>
    <label class="field">
      <span>Sensitivity, %</span>
      <input v-model.number="test.sensitivity" type="number" min="0.1" max="99.9" step="any" />
    </label>
    <label class="field">
      <span>Specificity, %</span>
      <input v-model.number="test.specificity" type="number" min="0.1" max="99.9" step="any" />
    </label>
    <div class="outcome wide" role="group" :aria-label="`Outcome of test ${number}`">
      <button
        v-for="outcome in ['positive', 'negative'] as const"
        :key="outcome"
        type="button"
        class="choice"
        :aria-pressed="test.outcome === outcome"
        @click="test.outcome = outcome"
      >
        {{ outcome }}
      </button>
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
  grid-template-columns: 1fr 1fr auto;
  gap: 5px;
}
.outcome .quiet {
  padding: 0 8px;
}
</style>
