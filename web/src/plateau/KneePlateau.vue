<script setup lang="ts">
import { computed } from 'vue'
import type { ConditionId, Side, Verdict } from '@/contract/types'
import { t } from '@/messages/plateau'
import { inHundred, rangeInHundred } from '@/shared/words'
import { useCatalogue } from '@/stores/catalogue'
import { HEIGHT, SHAPES, type Shape, TIBIA, WIDTH, along, mirrored } from './shapes'

const props = defineProps<{ conditions: Verdict[]; side: Side }>()
const emit = defineEmits<{ pick: [id: ConditionId] }>()
const catalogue = useCatalogue()

/** Room above the patella for its bearing. */
const ABOVE = 18
const FOOT = 9
/** The bearing stands so far outside its edge, and is so long; longer where it says act. */
const GAP = 4
const BEARING = 9
const ACT_BEARING = 14
const HALF_WIDTH = 4

const right = computed(() => props.side === 'right')
const shown = computed(() =>
  SHAPES.map((shape) => {
    const verdict = props.conditions.find((condition) => condition.id === shape.id)
    return verdict ? { shape, verdict, x: mirrored(shape.label.x, right.value), inside: shape.inside } : null
  }).filter((entry) => entry !== null),
)

/** Points at the chance from outside, so that no figure is ever crossed. */
function bearing(shape: Shape, verdict: Verdict): string {
  const { x, y, out } = shape.edge(verdict.posttest)
  const far = GAP + (verdict.zone === 'act' ? ACT_BEARING : BEARING)
  const at = (along: number, aside: number) =>
    `${(x + out.x * along - out.y * aside).toFixed(1)} ${(y + out.y * along + out.x * aside).toFixed(1)}`
  return `M${at(GAP, 0)}L${at(far, HALF_WIDTH)}L${at(far, -HALF_WIDTH)}Z`
}

function zoneOf({ zone, unsettled }: Verdict): string {
  const label = catalogue.label('zone', zone)
  return unsettled ? t('kneePlateau.zoneInconclusive', { zone: label }) : label
}

/** Begins with the words on the picture, so that speaking them finds it. */
function spoken(verdict: Verdict, shape: Shape): string {
  const said = {
    chance: inHundred(verdict.posttest),
    short: shape.short,
    condition: catalogue.conditionLabel(verdict.id),
    interval: rangeInHundred(verdict.interval),
    zone: catalogue.label('zone', verdict.zone),
  }
  return verdict.unsettled ? t('kneePlateau.in100RangeInconclusive', said) : t('kneePlateau.in100Range', said)
}

function turn(shape: Shape): string | undefined {
  return right.value && shape.path ? `matrix(-1 0 0 1 ${WIDTH} 0)` : undefined
}
</script>

<template>
  <figure class="plateau">
    <svg
      :viewBox="`0 ${-ABOVE} ${WIDTH} ${HEIGHT + ABOVE}`"
      role="group"
      :aria-label="t('kneePlateau.plateauOfTheKneeFromAbove', { side })"
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
        <g :transform="turn(shape)">
          <path :d="shape.path" class="shape" :class="{ dense: verdict.posttest >= 0.5 }" pathLength="100" />
          <path
            v-if="verdict.zone !== 'untested'"
            :d="along(shape.edge, verdict.interval[0] ?? 0, verdict.interval[1] ?? 1)"
            class="range"
          />
          <path :d="bearing(shape, verdict)" class="bearing" />
        </g>
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
        {{ t('kneePlateau.ruledOut') }}
      </li>
      <li>
        <svg viewBox="0 0 18 12"><rect x="1" y="1" width="16" height="10" class="swatch hollow" /></svg>
        {{ t('kneePlateau.notTested') }}
      </li>
      <li>
        <svg viewBox="0 0 18 12">
          <rect x="1" y="1" width="16" height="10" fill="url(#hatch)" stroke="var(--line-2)" />
        </svg>
        {{ t('kneePlateau.lookFurther') }}
      </li>
      <li>
        <svg viewBox="0 0 18 12"><rect x="1" y="1" width="16" height="10" class="swatch act" /></svg>
        {{ t('kneePlateau.act') }}
      </li>
    </ul>
    <div class="unseen">
      <table>
        <caption>{{ t('kneePlateau.chancesIn100ForTheKnee', { side }) }}</caption>
        <thead>
          <tr>
            <th>{{ t('kneePlateau.condition') }}</th>
            <th>{{ t('kneePlateau.postTestProbability') }}</th>
            <th>{{ t('kneePlateau.n95Range') }}</th>
            <th>{{ t('kneePlateau.zone') }}</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="{ verdict } in shown" :key="verdict.id">
            <th scope="row">{{ catalogue.conditionLabel(verdict.id) }}</th>
            <td>{{ inHundred(verdict.posttest) }}</td>
            <td>{{ rangeInHundred(verdict.interval) }}</td>
            <td>{{ zoneOf(verdict) }}</td>
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
.range {
  fill: none;
  stroke: var(--ink);
  stroke-width: 5;
  stroke-linecap: round;
}
.bearing {
  fill: var(--ink);
}
.untested .bearing {
  fill: var(--line-2);
}
.act .bearing {
  fill: var(--needle);
}
.figure {
  font-size: 26px;
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
  font-size: var(--type-fine);
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
