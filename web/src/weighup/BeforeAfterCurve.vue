<script setup lang="ts">
import { computed } from 'vue'
import { t } from '@/messages/weighup'
import { inHundred } from '@/shared/words'

/** What one test alone makes of any chance before: upper line after a positive, lower after a negative. */
const props = defineProps<{ name: string; points: number[][]; before: number; outcome: 'positive' | 'negative' }>()

const SIZE = 260
const PAD = 34
const x = (chance: number) => PAD + chance * (SIZE - PAD - 10)
const y = (chance: number) => SIZE - PAD - chance * (SIZE - PAD - 10)

const line = (index: number) =>
  props.points
    .map((point, at) => `${at === 0 ? 'M' : 'L'}${x(point[0] ?? 0).toFixed(1)} ${y(point[index] ?? 0).toFixed(1)}`)
    .join('')

/** On the drawn line, between its two nearest points. */
const here = computed(() => {
  const index = props.outcome === 'positive' ? 1 : 2
  const at = Math.max(
    1,
    props.points.findIndex((point) => (point[0] ?? 0) >= props.before),
  )
  const [low, high] = [props.points[at - 1] ?? [0, 0, 0], props.points[at] ?? [1, 1, 1]]
  const share = (props.before - (low[0] ?? 0)) / Math.max(1e-9, (high[0] ?? 1) - (low[0] ?? 0))
  return (low[index] ?? 0) + share * ((high[index] ?? 0) - (low[index] ?? 0))
})
</script>

<template>
  <figure>
    <figcaption>
      <b>{{ t('beforeAfterCurve.alone', { name }) }}</b>
      {{ t('beforeAfterCurve.fromAnyPreTestProbability') }}
    </figcaption>
    <svg
      :viewBox="`0 0 ${SIZE} ${SIZE}`"
      role="img"
      :aria-label="
        t('beforeAfterCurve.aloneFromIn100BeforeA', { name, before: inHundred(before), outcome, here: inHundred(here) })
      "
    >
      <path :d="`M${x(0)} ${y(0)}H${x(1)}M${x(0)} ${y(0)}V${y(1)}`" class="axis" />
      <path :d="`M${x(0)} ${y(0)}L${x(1)} ${y(1)}`" class="same" />
      <path :d="line(1)" class="curve" :class="{ on: outcome === 'positive' }" />
      <path :d="line(2)" class="curve negative" :class="{ on: outcome === 'negative' }" />
      <path :d="`M${x(before)} ${y(0)}V${y(here)}H${x(0)}`" class="read" />
      <circle :cx="x(before)" :cy="y(here)" r="5" class="dot" />
      <text v-for="tick in [0, 50, 100]" :key="`x${tick}`" :x="x(tick / 100)" :y="SIZE - PAD + 15" class="mid">
        {{ tick }}
      </text>
      <text v-for="tick in [50, 100]" :key="`y${tick}`" :x="PAD - 6" :y="y(tick / 100) + 4" class="end">
        {{ tick }}
      </text>
      <text :x="x(0.5)" :y="SIZE - 3" class="mid">{{ t('beforeAfterCurve.preTestIn100') }}</text>
      <text :x="x(0.04)" :y="y(1) - 1">{{ t('beforeAfterCurve.afterAPositive') }}</text>
      <text :x="x(1)" :y="y(0.06)" class="end">{{ t('beforeAfterCurve.afterANegative') }}</text>
    </svg>
  </figure>
</template>

<style scoped>
figcaption {
  color: var(--text-2);
  margin-bottom: 4px;
}
figcaption b {
  color: var(--ink);
}
svg {
  display: block;
  width: 100%;
  max-width: 320px;
  overflow: visible;
}
text {
  font-size: 11.5px;
  fill: var(--text-3);
}
.mid {
  text-anchor: middle;
}
.end {
  text-anchor: end;
}
path {
  fill: none;
}
.axis {
  stroke: var(--line-2);
}
.same {
  stroke: var(--line);
}
.curve {
  stroke: var(--line-2);
  stroke-width: 2;
}
.curve.negative {
  stroke-dasharray: 5 4;
}
.curve.on {
  stroke: var(--ink);
  stroke-width: 3;
}
.read {
  stroke: var(--mine);
  stroke-dasharray: 3 3;
}
.dot {
  fill: var(--mine);
}
</style>
