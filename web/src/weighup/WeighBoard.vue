<script setup lang="ts">
import { computed, ref, toRef, watch } from 'vue'
import type { Problem } from '@/contract/types'
import { inHundred } from '@/shared/words'
import BeforeAfterCurve from './BeforeAfterCurve.vue'
import LogOddsRail from './LogOddsRail.vue'
import WhatIf from './WhatIf.vue'
import { useWeighing } from './useWeighing'
import { NO_VARIATION, type Variation, isVaried, vary } from './vary'

const props = defineProps<{ problem: Problem; condition: string; order: string[]; nameOf: (finding: string) => string }>()

const variation = ref<Variation>(structuredClone(NO_VARIATION))
const picked = ref<string | null>(null)
const varied = computed<Problem | null>(() => vary(props.problem, props.condition, variation.value))
const { weighed, fault } = useWeighing(varied, toRef(props, 'condition'), toRef(props, 'order'))

const original = computed(() => props.problem.conditions.find((c) => c.id === props.condition))
const chance = computed(() => weighed.value?.conditions.find((c) => c.id === props.condition))
const steps = computed(() => weighed.value?.steps ?? [])
const curve = computed(() => weighed.value?.curves.find((c) => c.finding === shown.value))
const shown = computed(() => steps.value.find((s) => s.finding === picked.value)?.finding ?? [...steps.value].sort((a, b) => Math.abs(Math.log(b.publishedLr)) - Math.abs(Math.log(a.publishedLr)))[0]?.finding ?? null)
const shownStep = computed(() => steps.value.find((s) => s.finding === shown.value))
const thresholds = computed(() => original.value?.thresholds ?? { ruleOut: 0.1, act: 0.8 })

watch(() => props.condition, reset)

function reset(): void {
  variation.value = structuredClone(NO_VARIATION)
  picked.value = null
}
</script>

<template>
  <div class="board">
    <p v-if="fault" class="fault" role="alert">{{ fault }}</p>
    <template v-if="chance">
      <div class="head">
        <p class="big number" role="status">{{ inHundred(chance.pretest) }} <span>→</span> {{ inHundred(chance.posttest) }} <small>in 100 knees like this, 95 % range {{ inHundred(chance.interval[0] ?? 0) }} to {{ inHundred(chance.interval[1] ?? 1) }}</small></p>
        <p v-if="isVaried(variation)" class="if"><b>What if.</b> The record is untouched. <button type="button" class="button" @click="reset">Back to the record</button></p>
      </div>
      <LogOddsRail :chance="chance" :steps="steps" :thresholds="thresholds" :name-of="nameOf" :picked="shown" @pick="(finding) => (picked = finding)" />
      <p class="legend quiet-text">Full mark: multiplied by hand {{ inHundred(chance.textbook) }}. Dashed mark: strongest result alone {{ inHundred(chance.strongest) }}. Dashed piece of a bar: taken as an echo. Band: 95 % range; it holds neither echo nor thresholds.</p>
      <slot :chance="chance" />
      <div class="below">
        <BeforeAfterCurve v-if="curve && shownStep" :name="nameOf(curve.finding)" :points="curve.points" :before="chance.pretest" :outcome="shownStep.outcome" />
        <WhatIf v-model="variation" :problem="problem" :condition="condition" :name-of="nameOf" />
      </div>
    </template>
  </div>
</template>

<style scoped>
.board { display: grid; gap: 12px; }
.head { display: flex; flex-wrap: wrap; gap: 10px 26px; align-items: center; justify-content: space-between; min-height: 48px; }
.big { font-size: 2.2rem; font-weight: 680; line-height: 1.1; }
.big span { color: var(--text-3); font-weight: 400; }
.big small { font-size: 1rem; font-weight: 400; color: var(--text-2); }
.if { display: flex; align-items: center; gap: 10px; padding-left: 12px; border-left: 3px dashed var(--mine); }
.legend { font-size: 0.87rem; }
.fault { padding: 10px 14px; border: 2px solid var(--ink); border-radius: var(--radius); }
.below { display: grid; grid-template-columns: minmax(220px, 320px) minmax(0, 1fr); gap: 36px; margin-top: 8px; }
@media (max-width: 800px) { .below { grid-template-columns: 1fr; } }
</style>
