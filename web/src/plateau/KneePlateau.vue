<script setup lang="ts">
import { computed } from 'vue'
import type { ConditionId, Side, Verdict } from '@/contract/types'
import { inHundred } from '@/shared/words'
import { useCatalogue } from '@/stores/catalogue'
import { HEIGHT, SHAPES, type Shape, TIBIA, WIDTH, mirrored } from './shapes'

const props = defineProps<{ conditions: Verdict[]; side: Side }>()
const emit = defineEmits<{ pick: [id: ConditionId] }>()
const catalogue = useCatalogue()

/** The little dial over each figure; its centre is the foot of the figure. */
const ARC = 27
const FOOT = 8
const TICK = 5

const right = computed(() => props.side === 'right')
const shown = computed(() =>
  SHAPES.map((shape) => {
    const verdict = props.conditions.find((condition) => condition.id === shape.id)
    return verdict ? { shape, verdict, x: mirrored(shape.label.x, right.value), inside: shape.inside === true } : null
  }).filter((entry) => entry !== null),
)

/** A point on the dial: 0 at its left end, 100 at its right. */
function onDial(chance: number, x: number, y: number, radius = ARC): [number, number] {
  const angle = Math.PI * (1 - chance)
  return [x + radius * Math.cos(angle), y + FOOT - radius * Math.sin(angle)]
}

function arc(from: number, to: number, x: number, y: number): string {
  const [x1, y1] = onDial(from, x, y)
  const [x2, y2] = onDial(to, x, y)
  return `M${x1.toFixed(1)} ${y1.toFixed(1)}A${ARC} ${ARC} 0 0 1 ${x2.toFixed(1)} ${y2.toFixed(1)}`
}

/** The bearing of the chance; longer where it says act. */
function needle(verdict: Verdict, x: number, y: number): { x1: number; y1: number; x2: number; y2: number } {
  const [x1, y1] = onDial(verdict.posttest, x, y, ARC - TICK)
  const [x2, y2] = onDial(verdict.posttest, x, y, ARC + (verdict.zone === 'act' ? 2 * TICK : TICK))
  return { x1, y1, x2, y2 }
}

/** Begins with the words on the picture, so that speaking them finds it. */
function spoken(verdict: Verdict, shape: Shape): string {
  const [low, high] = verdict.interval
  return `${inHundred(verdict.posttest)} ${shape.short}, ${catalogue.conditionLabel(verdict.id)}: ${inHundred(verdict.posttest)} in 100, range ${inHundred(low ?? 0)} to ${inHundred(high ?? 1)}, ${catalogue.label('zone', verdict.zone)}${verdict.unsettled ? ', not settled' : ''}`
}

function turn(shape: Shape): string | undefined {
  return right.value && shape.path ? `matrix(-1 0 0 1 ${WIDTH} 0)` : undefined
}
</script>

<template>
  <figure class="plateau">
    <svg
      :viewBox="`0 0 ${WIDTH} ${HEIGHT}`"
      role="group"
      :aria-label="`Plateau of the ${side} knee from above, chances in 100`"
    >
      <defs>
        <pattern id="hatch" width="6" height="6" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
          <rect width="6" height="6" fill="var(--card)" />
          <line x1="0" y1="0" x2="0" y2="6" stroke="var(--line-2)" stroke-width="1.6" />
        </pattern>
        <pattern id="hatch-dense" width="4.4" height="4.4" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
          <rect width="5" height="5" fill="var(--card)" />
          <line x1="0" y1="0" x2="0" y2="5" stroke="var(--text-3)" stroke-width="2" />
        </pattern>
      </defs>
      <path :d="TIBIA" class="tibia" :transform="right ? `matrix(-1 0 0 1 ${WIDTH} 0)` : undefined" />
      <g
        v-for="{ shape, verdict, x, inside } in shown"
        :key="shape.id"
        class="part"
        :class="[verdict.zone, { inside }]"
        role="button"
        tabindex="0"
        :aria-label="spoken(verdict, shape)"
        :data-condition="shape.id"
        @click="emit('pick', shape.id)"
        @keydown.enter.prevent="emit('pick', shape.id)"
        @keydown.space.prevent="emit('pick', shape.id)"
      >
        <path
          :d="shape.path"
          class="shape"
          :class="{ dense: verdict.posttest >= 0.5 }"
          :transform="turn(shape)"
          pathLength="100"
        />
        <line
          v-if="shape.leader"
          class="leader"
          :x1="mirrored(shape.leader.x, right)"
          :y1="shape.leader.y"
          :x2="x + (right ? 30 : -30)"
          :y2="shape.label.y"
        />
        <path :d="arc(0, 1, x, shape.label.y)" class="dial" />
        <path :d="arc(verdict.interval[0] ?? 0, verdict.interval[1] ?? 1, x, shape.label.y)" class="range" />
        <line v-bind="needle(verdict, x, shape.label.y)" class="needle" />
        <text>
          <tspan :x="x" :y="shape.label.y + FOOT" class="figure">{{ inHundred(verdict.posttest) }}</tspan>
          <tspan class="gap">{{ ' ' }}</tspan>
          <tspan :x="x" :y="shape.label.y + FOOT + 16" class="name">{{ shape.short }}</tspan>
        </text>
      </g>
    </svg>
    <ul class="legend" aria-hidden="true">
      <li>
        <svg viewBox="0 0 18 12"><rect x="1" y="1" width="16" height="10" class="swatch ruled" pathLength="100" /></svg>
        ruled out
      </li>
      <li>
        <svg viewBox="0 0 18 12"><rect x="1" y="1" width="16" height="10" class="swatch hollow" /></svg>
        not tested
      </li>
      <li>
        <svg viewBox="0 0 18 12">
          <rect x="1" y="1" width="16" height="10" fill="url(#hatch)" stroke="var(--line-2)" />
        </svg>
        look further
      </li>
      <li>
        <svg viewBox="0 0 18 12"><rect x="1" y="1" width="16" height="10" class="swatch act" /></svg>
        act
      </li>
    </ul>
    <div class="unseen">
      <table>
        <caption>Chances in 100 for the {{ side }} knee</caption>
        <thead>
          <tr>
            <th>Condition</th>
            <th>Chance after</th>
            <th>95 % range</th>
            <th>Zone</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="{ verdict } in shown" :key="verdict.id">
            <th scope="row">{{ catalogue.conditionLabel(verdict.id) }}</th>
            <td>{{ inHundred(verdict.posttest) }}</td>
            <td>{{ inHundred(verdict.interval[0] ?? 0) }} to {{ inHundred(verdict.interval[1] ?? 1) }}</td>
            <td>{{ catalogue.label('zone', verdict.zone) }}{{ verdict.unsettled ? ', not settled' : '' }}</td>
          </tr>
        </tbody>
      </table>
    </div>
  </figure>
</template>

<style scoped>
svg {
  display: block;
  width: 100%;
  height: auto;
}
.tibia {
  fill: var(--card);
  stroke: var(--line-2);
  stroke-width: 1.5;
}
.part {
  cursor: pointer;
}
.part:focus-visible {
  outline: none;
}
.part:focus-visible .shape {
  stroke: var(--mine);
  stroke-width: 4;
}
.shape {
  fill: var(--card);
  stroke: var(--text-3);
  stroke-width: 1.6;
}
.ruled_out .shape {
  stroke: var(--line-2);
  stroke-width: 1.2;
  stroke-dasharray: 88 12;
}
.untested .shape {
  stroke: var(--line-2);
  stroke-width: 2.4;
  fill: var(--paper);
}
.investigate .shape {
  fill: url(#hatch);
}
.investigate .shape.dense {
  fill: url(#hatch-dense);
  stroke: var(--text-2);
}
.act .shape {
  fill: var(--needle);
  stroke: var(--needle);
}
.inside .figure,
.inside .name {
  paint-order: stroke;
  stroke: var(--card);
  stroke-width: 5px;
  stroke-linejoin: round;
}
.untested.inside .figure,
.untested.inside .name {
  stroke: var(--paper);
}
.act.inside .figure,
.act.inside .name {
  fill: var(--on-needle);
  stroke: none;
}
.leader {
  stroke: var(--line-2);
  stroke-width: 1;
}
.dial {
  fill: none;
  stroke: var(--line-2);
  stroke-width: 1;
}
.range {
  fill: none;
  stroke: var(--text-3);
  stroke-width: 3;
}
.needle {
  stroke: var(--ink);
  stroke-width: 2.4;
}
.act .range,
.act .needle {
  stroke: var(--needle);
}
.act.inside .dial {
  stroke: var(--on-needle);
  stroke-opacity: 0.45;
}
.act.inside .range,
.act.inside .needle {
  stroke: var(--on-needle);
}
.act .needle {
  stroke-width: 3.6;
}
.figure {
  font-size: 24px;
  font-weight: 700;
  text-anchor: middle;
  fill: var(--ink);
  font-variant-numeric: tabular-nums;
}
.untested .figure {
  font-weight: 400;
  fill: var(--text-2);
}
.gap {
  font-size: 0;
}
.name {
  font-size: 14px;
  text-anchor: middle;
  fill: var(--text-2);
}
.legend {
  display: flex;
  justify-content: space-between;
  gap: 8px;
  padding: 2px 4px 0;
  font-size: 0.8rem;
  color: var(--text-3);
}
.legend li {
  display: flex;
  align-items: center;
  gap: 5px;
}
.legend svg {
  width: 18px;
}
.swatch {
  fill: none;
  stroke: var(--line-2);
}
.swatch.ruled {
  stroke-dasharray: 84 16;
}
.swatch.hollow {
  stroke-width: 2.4;
  fill: var(--paper);
}
.swatch.act {
  fill: var(--needle);
  stroke: var(--needle);
}
</style>
