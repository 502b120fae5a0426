<script setup lang="ts">
import { useElementSize } from '@vueuse/core'
import { computed, useTemplateRef } from 'vue'
import type { RailStep, WeighedChance } from '@/contract/types'
import { t } from '@/messages/weighup'
import { inHundred, ratio } from '@/shared/words'
import { LEAST_ECHO, TICKS, place } from './scale'

const props = defineProps<{
  chance: WeighedChance
  steps: RailStep[]
  /** Where none are given, nothing is called ruled out or worth acting on. */
  thresholds: { ruleOut: number; act: number } | undefined
  nameOf: (finding: string) => string
  picked: string | null
}>()
const emit = defineEmits<{ pick: [finding: string] }>()

const NARROW = 560
const WIDEST = 860
const TOP = 40
const holder = useTemplateRef<HTMLElement>('holder')
const size = useElementSize(holder)

/** Drawn at its own size, so that letters keep theirs; on a phone the names stand above the bars. */
const width = computed(() => Math.min(Math.max(size.width.value, 300), WIDEST))
const narrow = computed(() => width.value < NARROW)
const left = computed(() => (narrow.value ? 0 : 212))
const span = computed(() => width.value - left.value - (narrow.value ? 0 : 138))
const row = computed(() => (narrow.value ? 46 : 30))
/** How far above its bar a name stands. */
const lift = computed(() => (narrow.value ? 14 : -5))

const x = (chance: number) => left.value + place(chance) * span.value
const y = (index: number) => TOP + row.value * (index + 1) + (narrow.value ? 18 : 0)
const height = computed(() => y(props.steps.length) + row.value + 22)
const end = computed(() => y(props.steps.length) + (narrow.value ? -8 : 6))
const interval = computed(() => [props.chance.interval[0] ?? 0, props.chance.interval[1] ?? 1] as const)

const zones = computed(() => {
  if (!props.thresholds) return []
  const { ruleOut, act } = props.thresholds
  const between = (from: number, to: number) => (from + to) / 2
  return [
    { label: t('logOddsRail.ruledOut', { ruleOut: inHundred(ruleOut) }), x: between(left.value, x(ruleOut)) },
    { label: t('logOddsRail.lookFurther'), x: between(x(ruleOut), x(act)) },
    { label: t('logOddsRail.actFrom', { act: inHundred(act) }), x: between(x(act), left.value + span.value) },
  ]
})

/** Where the published ratio alone would have taken it: the cut is what was taken as an echo. */
function cut(step: RailStep): { from: number; to: number } | null {
  if (step.echoShare === null || step.echoShare < LEAST_ECHO) return null
  return { from: x(step.after), to: x(step.withoutEcho) }
}

/** Found at an earlier visit: drawn hollow. */
function isCarried(step: RailStep): boolean {
  return step.finding.includes('@')
}

function name(step: RailStep): string {
  return `${step.outcome === 'positive' ? '+' : '−'} ${props.nameOf(step.finding)}`
}

/** The likelihood ratio as applied, the published one where an echo cut it, and where the chance stands after it. */
function figure(step: RailStep): string {
  const said = { applied: ratio(step.appliedLr), published: ratio(step.publishedLr), after: inHundred(step.after) }
  return step.echoShare !== null && step.echoShare >= LEAST_ECHO
    ? t('logOddsRail.lrOfPublished', said)
    : t('logOddsRail.lr', said)
}

function head(step: RailStep): string {
  const to = x(step.after)
  const back = step.after >= step.before ? -6 : 6
  return `M${to} 0L${to + back} -5V5Z`
}
</script>

<template>
  <div ref="holder">
    <svg
      class="rail"
      :width="width"
      :height="height"
      role="group"
      :aria-label="t('logOddsRail.pathOfTheProbabilityOnA')"
    >
      <defs>
        <pattern id="rail-hatch" width="5" height="5" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
          <line x1="0" y1="0" x2="0" y2="5" stroke="var(--line-2)" stroke-width="1.4" />
        </pattern>
      </defs>
      <rect
        v-if="thresholds"
        :x="x(thresholds.ruleOut)"
        :y="TOP - 6"
        :width="x(thresholds.act) - x(thresholds.ruleOut)"
        :height="end - TOP + 8"
        class="look"
      />
      <g class="ticks">
        <template v-for="tick in TICKS" :key="tick">
          <line :x1="x(tick)" :x2="x(tick)" :y1="TOP - 6" :y2="end" />
          <text :x="x(tick)" :y="TOP - 12">{{ Math.round(tick * 100) }}</text>
        </template>
      </g>
      <line
        v-if="thresholds"
        :x1="x(thresholds.act)"
        :x2="x(thresholds.act)"
        :y1="TOP - 6"
        :y2="end + 2"
        class="act-edge"
      />
      <g class="zones">
        <text v-for="zone in zones" :key="zone.label" :x="zone.x" y="11">{{ zone.label }}</text>
      </g>
      <g :transform="`translate(0 ${y(-1) + (narrow ? 14 : 4)})`">
        <text class="name" :y="-lift">{{ t('logOddsRail.preTestProbability') }}</text>
        <circle :cx="x(chance.pretest)" cy="0" r="6" class="before" />
        <text :x="width" :y="-lift" class="figure">
          {{ t('logOddsRail.in100', { pretest: inHundred(chance.pretest) }) }}
        </text>
      </g>
      <g
        v-for="(step, index) in steps"
        :key="step.finding"
        class="step"
        :class="{ picked: picked === step.finding, carried: isCarried(step) }"
        role="button"
        tabindex="0"
        :aria-pressed="picked === step.finding"
        :aria-label="
          t('logOddsRail.in100From', {
            step: name(step),
            share: figure(step),
            outcome: step.outcome,
            before: inHundred(step.before),
          })
        "
        @click="emit('pick', step.finding)"
        @keydown.enter.prevent="emit('pick', step.finding)"
        @keydown.space.prevent="emit('pick', step.finding)"
      >
        <g :transform="`translate(0 ${y(index) + 4})`">
          <rect x="0" :y="narrow ? -28 : -14" :width="width" :height="row - 2" class="hit" />
          <text :y="-lift">
            <tspan class="name">{{ name(step) }}</tspan>
            <tspan class="gap">{{ ' ' }}</tspan>
            <tspan :x="width" class="figure">{{ figure(step) }}</tspan>
          </text>
          <line v-if="cut(step)" :x1="cut(step)!.from" :x2="cut(step)!.to" y1="0" y2="0" class="cut" />
          <line :x1="x(step.before)" :x2="x(step.after)" y1="0" y2="0" class="way" />
          <line v-if="isCarried(step)" :x1="x(step.before)" :x2="x(step.after)" y1="0" y2="0" class="hollow" />
          <path :d="head(step)" class="head" />
          <line
            v-if="index < steps.length - 1"
            :x1="x(step.after)"
            :x2="x(step.after)"
            y1="4"
            :y2="row - 4"
            class="down"
          />
        </g>
      </g>
      <g :transform="`translate(0 ${y(steps.length) + 24})`" class="result" :class="chance.zone">
        <text class="name strong" :y="narrow ? -18 : 4">{{ t('logOddsRail.postTestProbability') }}</text>
        <rect
          :x="x(interval[0])"
          y="-8"
          :width="Math.max(2, x(interval[1]) - x(interval[0]))"
          height="16"
          class="band"
        />
        <path :d="`M${x(chance.textbook)} -13v26`" class="ghost" />
        <path :d="`M${x(chance.strongest)} -13v26`" class="ghost dashed" />
        <rect :x="x(chance.posttest) - 3" y="-13" width="6" height="26" class="needle" />
        <text :x="width" :y="narrow ? -18 : 5" class="figure strong">
          {{ t('logOddsRail.outOfHundred', { posttest: inHundred(chance.posttest) }) }}
        </text>
      </g>
    </svg>
  </div>
</template>

<style scoped>
.rail {
  display: block;
  max-width: 100%;
  font-size: 13.5px;
}
text,
tspan {
  fill: var(--text-2);
}
.look {
  fill: url(#rail-hatch);
  opacity: 0.45;
}
.ticks line {
  stroke: var(--line);
}
.ticks text {
  text-anchor: middle;
  font-size: 12px;
  fill: var(--text-3);
  font-variant-numeric: tabular-nums;
}
.zones text {
  font-size: 12px;
  text-anchor: middle;
  fill: var(--text-2);
}
.act-edge {
  stroke: var(--needle);
  stroke-width: 2;
}
.end,
.figure {
  text-anchor: end;
  font-variant-numeric: tabular-nums;
}
.gap {
  font-size: 0;
}
.name {
  fill: var(--ink);
}
.strong {
  font-weight: 700;
  fill: var(--ink);
}
.hit {
  fill: transparent;
}
.step {
  cursor: pointer;
}
.step:hover .hit {
  fill: var(--fill);
  opacity: 0.6;
}
.step.picked .hit {
  fill: var(--mine-soft);
}
.step:focus-visible {
  outline: none;
}
.step:focus-visible .hit {
  stroke: var(--mine);
  stroke-width: 2.5;
}
.way {
  stroke: var(--ink);
  stroke-width: 4;
}
.hollow {
  stroke: var(--card);
  stroke-width: 1.8;
}
.head {
  fill: var(--ink);
}
.carried .head {
  fill: var(--card);
  stroke: var(--ink);
  stroke-width: 1.4;
}
.cut {
  stroke: var(--text-3);
  stroke-width: 4;
  stroke-dasharray: 3 3;
}
.down {
  stroke: var(--line-2);
  stroke-dasharray: 2 3;
}
.before {
  fill: var(--card);
  stroke: var(--ink);
  stroke-width: 2.5;
}
.band {
  fill: var(--mine-soft);
  stroke: var(--mine);
}
.ghost {
  fill: none;
  stroke: var(--text-2);
  stroke-width: 2;
}
.ghost.dashed {
  stroke-dasharray: 3 3;
}
.needle {
  fill: var(--ink);
}
.act .needle {
  fill: var(--needle);
}
</style>
