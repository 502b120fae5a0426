<script setup lang="ts">
import { defineAsyncComponent, ref } from 'vue'
import { t } from '@/messages/weighup'
import UiButton from '@/ui/UiButton.vue'
import UiChoice from '@/ui/UiChoice.vue'
import UiFigure from '@/ui/UiFigure.vue'
import type { TypedTest } from './typedTest'

defineProps<{ number: number; removable: boolean }>()

const emit = defineEmits<{ remove: [] }>()

const RatesDialog = defineAsyncComponent(() => import('./RatesDialog.vue'))

const test = defineModel<TypedTest>({ required: true })
const OUTCOMES = [
  { id: 'positive', label: 'positive' },
  { id: 'negative', label: 'negative' },
] as const
const asking = ref(false)

function take(rates: Pick<TypedTest, 'sensitivity' | 'specificity' | 'intervals'>): void {
  asking.value = false
  test.value = { ...test.value, ...rates }
}

/** Typed over, a rate is no longer the one that a study told, and its interval goes. */
function type(rate: 'sensitivity' | 'specificity', value: number): void {
  test.value = { ...test.value, [rate]: value, intervals: undefined }
}
</script>

<template>
  <fieldset>
    <legend>{{ t('testRow.test', { number }) }}</legend>
    <label class="field wide">
      <span>{{ t('testRow.name') }}</span>
      <input v-model="test.name" type="text" maxlength="40" />
    </label>
    <UiFigure
      :model-value="test.sensitivity"
      :label="t('testRow.sensitivity')"
      :least="0.1"
      :most="99.9"
      @update:model-value="(value) => type('sensitivity', value)"
    />
    <UiFigure
      :model-value="test.specificity"
      :label="t('testRow.specificity')"
      :least="0.1"
      :most="99.9"
      @update:model-value="(value) => type('specificity', value)"
    />
    <p v-if="test.intervals" class="wide quiet-text number">
      {{
        t('testRow.n95RangeAnd', {
          sensitivity: test.intervals.sensitivity.join(' to '),
          specificity: test.intervals.specificity.join(' to '),
        })
      }}
    </p>
    <UiButton class="wide" kind="quiet" @click="asking = true">
      {{ t('testRow.fromCountsOrLikelihoodRatios') }}
    </UiButton>
    <div class="outcome wide">
      <UiChoice
        :label="t('testRow.outcomeOfTest', { number })"
        :value="test.outcome"
        :options="OUTCOMES"
        @pick="(outcome) => (test.outcome = outcome)"
      />
      <UiButton v-if="removable" kind="quiet" :aria-label="t('testRow.removeTest', { number })" @click="emit('remove')">
        {{ t('testRow.remove') }}
      </UiButton>
    </div>
    <RatesDialog v-if="asking" :number="number" @close="asking = false" @taken="take" />
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
