<script setup lang="ts">
import { computed } from 'vue'
import type { Problem } from '@/contract/types'
import type { Variation } from './vary'
import { t } from '@/messages/weighup'
import UiSlider from '@/ui/UiSlider.vue'
import UiChoice from '@/ui/UiChoice.vue'

const props = defineProps<{ problem: Problem; condition: string; nameOf: (finding: string) => string }>()
const variation = defineModel<Variation>({ required: true })

const CHOICES = [
  { id: 'positive', label: 'positive' },
  { id: 'negative', label: 'negative' },
  { id: 'dropped', label: t('whatIf.leftOut') },
] as const

const pretest = computed(() => props.problem.conditions.find((c) => c.id === props.condition)?.pretest ?? 0.5)
const groups = computed(() =>
  (props.problem.groups ?? [])
    .map((group) => ({ ...group, results: group.results.filter((result) => props.condition in result.targets) }))
    .filter((group) => group.results.length > 0),
)

function choose(finding: string, recorded: string, choice: 'positive' | 'negative' | 'dropped'): void {
  const { [finding]: _, ...others } = variation.value.outcomes
  variation.value = { ...variation.value, outcomes: choice === recorded ? others : { ...others, [finding]: choice } }
}

function setEcho(group: string, recorded: number, percent: number): void {
  const { [group]: _, ...others } = variation.value.echoes
  variation.value = {
    ...variation.value,
    echoes: percent / 100 === recorded ? others : { ...others, [group]: percent / 100 },
  }
}

function setPretest(percent: number): void {
  variation.value = { ...variation.value, pretest: Math.round(pretest.value * 100) === percent ? null : percent / 100 }
}
</script>

<template>
  <section class="what-if" aria-labelledby="what-if">
    <h2 id="what-if">
      {{ t('whatIf.whatIf') }}
      <small>{{ t('whatIf.tapAResultToFlipIt') }}</small>
    </h2>
    <UiSlider
      :label="t('whatIf.preTestProbability')"
      :unit="t('whatIf.in100')"
      :value="Math.round((variation.pretest ?? pretest) * 100)"
      :least="1"
      :most="95"
      @change="setPretest"
    />
    <div v-for="group in groups" :key="group.id" class="group">
      <UiSlider
        v-if="group.results.length > 1"
        :label="t('whatIf.overlapBetweenThese')"
        unit="%"
        :value="Math.round((variation.echoes[group.id] ?? group.echo) * 100)"
        :least="0"
        :most="95"
        :step="5"
        @change="(percent) => setEcho(group.id, group.echo, percent)"
      />
      <div v-for="result in group.results" :key="result.finding" class="result">
        <span>{{ nameOf(result.finding) }}</span>
        <UiChoice
          :label="nameOf(result.finding)"
          :value="variation.outcomes[result.finding] ?? result.outcome"
          :options="CHOICES"
          @pick="(choice) => choose(result.finding, result.outcome, choice)"
        />
      </div>
    </div>
  </section>
</template>

<style scoped>
.what-if {
  display: grid;
  gap: 8px;
  align-content: start;
}
h2 small {
  font-weight: 400;
  color: var(--text-3);
  margin-left: 6px;
}
.group {
  display: grid;
  gap: 3px;
  padding-top: 6px;
  border-top: 1px solid var(--line);
}
.result {
  display: grid;
  grid-template-columns: minmax(100px, 1fr) minmax(252px, auto);
  gap: 4px;
  align-items: center;
}
@media (--phone) {
  .result {
    grid-template-columns: 1fr;
  }
  .result > span {
    grid-column: 1 / -1;
  }
}
</style>
