<script setup lang="ts">
import { computed } from 'vue'
import type { Problem } from '@/contract/types'
import type { Variation } from './vary'

const props = defineProps<{ problem: Problem; condition: string; nameOf: (finding: string) => string }>()
const variation = defineModel<Variation>({ required: true })

const CHOICES = [
  { id: 'positive', label: 'positive' },
  { id: 'negative', label: 'negative' },
  { id: 'dropped', label: 'left out' },
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

function numberOf(event: Event): number {
  return Number((event.target as HTMLInputElement).value)
}
</script>

<template>
  <section class="what-if" aria-labelledby="what-if">
    <h2 id="what-if">
      What if
      <small>tap a result to flip it or leave it out; nothing is recorded</small>
    </h2>
    <label class="slide">
      <span>Chance before</span>
      <input
        type="range"
        min="1"
        max="95"
        :value="Math.round((variation.pretest ?? pretest) * 100)"
        @input="(event) => setPretest(numberOf(event))"
      />
      <output class="number">{{ Math.round((variation.pretest ?? pretest) * 100) }} in 100</output>
    </label>
    <div v-for="group in groups" :key="group.id" class="group">
      <label v-if="group.results.length > 1" class="slide">
        <span>Echo among these</span>
        <input
          type="range"
          min="0"
          max="95"
          step="5"
          :value="Math.round((variation.echoes[group.id] ?? group.echo) * 100)"
          @input="(event) => setEcho(group.id, group.echo, numberOf(event))"
        />
        <output class="number">{{ Math.round((variation.echoes[group.id] ?? group.echo) * 100) }} %</output>
      </label>
      <div
        v-for="result in group.results"
        :key="result.finding"
        class="result"
        role="group"
        :aria-label="nameOf(result.finding)"
      >
        <span>{{ nameOf(result.finding) }}</span>
        <button
          v-for="choice in CHOICES"
          :key="choice.id"
          type="button"
          class="choice"
          :aria-pressed="(variation.outcomes[result.finding] ?? result.outcome) === choice.id"
          @click="choose(result.finding, result.outcome, choice.id)"
        >
          {{ choice.label }}
        </button>
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
.slide {
  display: grid;
  grid-template-columns: minmax(120px, 1fr) 150px 80px;
  gap: 12px;
  align-items: center;
  min-height: 44px;
}
.slide input {
  accent-color: var(--mine);
  min-height: 44px;
}
.slide output {
  text-align: right;
}
.group {
  display: grid;
  gap: 3px;
  padding-top: 6px;
  border-top: 1px solid var(--line);
}
.group .slide span {
  color: var(--text-3);
}
.result {
  display: grid;
  grid-template-columns: minmax(100px, 1fr) repeat(3, 84px);
  gap: 4px;
  align-items: center;
}
@media (max-width: 560px) {
  .result {
    grid-template-columns: repeat(3, 1fr);
  }
  .result > span {
    grid-column: 1 / -1;
  }
  .slide {
    grid-template-columns: 1fr 110px 64px;
  }
}
</style>
