<script setup lang="ts">
import { computed } from 'vue'
import type { ConditionId, Side, Verdict } from '@/contract/types'
import { t } from '@/messages/plateau'
import { dayAndMonth } from '@/shared/dates'
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
    return verdict ? { shape, verdict, x: mirrored(shape.label.x, right.value), ground: shape.ground } : null
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

const FIGURES: Partial<Record<Verdict['zone'], string>> = {
  confirmed: t('kneePlateau.found'),
  excluded: t('kneePlateau.notFound'),
  withheld: '–',
}

const zones = computed(() => new Set(props.conditions.map(({ zone }) => zone)))

function figureOf(verdict: Verdict): string {
  return FIGURES[verdict.zone] ?? inHundred(verdict.posttest)
}

/** The day of a look in this episode, the year of one before it. */
function dateOf({ known, tellsChance }: Verdict): string {
  if (!known || tellsChance) return ''
  return known.before ? known.on.slice(0, 4) : dayAndMonth(known.on)
}

/** Begins with the words on the picture, so that speaking them finds it. */
function spoken(verdict: Verdict, shape: Shape): string {
  if (verdict.zone === 'withheld') {
    const said = { short: shape.short, condition: catalogue.conditionLabel(verdict.id) }
    return t('kneePlateau.withheld', { ...said, zone: catalogue.label('zone', verdict.zone) })
  }
  if (verdict.known && !verdict.tellsChance) {
    return t('kneePlateau.answered', {
      found: figureOf(verdict),
      short: shape.short,
      condition: catalogue.conditionLabel(verdict.id),
      zone: catalogue.label('zone', verdict.zone),
      by: catalogue.label('knownBy', verdict.known.by),
      day: dateOf(verdict),
    })
  }
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
        v-for="{ shape, verdict, x, ground } in shown"
        :key="shape.id"
        class="part"
        :class="[verdict.zone, `on-${ground}`]"
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
            v-if="verdict.zone !== 'untested' && verdict.tellsChance"
            :d="along(shape.edge, verdict.interval[0] ?? 0, verdict.interval[1] ?? 1)"
            class="range"
          />
          <path v-if="verdict.tellsChance" :d="bearing(shape, verdict)" class="bearing" />
        </g>
        <text :transform="dateOf(verdict) ? 'translate(0 -8)' : undefined">
          <tspan :x="x" :y="shape.label.y + FOOT" class="figure">{{ figureOf(verdict) }}</tspan>
          <tspan class="gap">{{ ' ' }}</tspan>
          <tspan :x="x" :y="shape.label.y + FOOT + 16" class="name">{{ shape.short }}</tspan>
          <template v-if="dateOf(verdict)">
            <tspan class="gap">{{ ' ' }}</tspan>
            <tspan :x="x" :y="shape.label.y + FOOT + 29" class="name">{{ dateOf(verdict) }}</tspan>
          </template>
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
      <li v-if="zones.has('confirmed')">
        <svg viewBox="0 0 18 12"><rect x="1" y="1" width="16" height="10" class="swatch confirmed" /></svg>
        {{ t('kneePlateau.confirmed') }}
      </li>
      <li v-if="zones.has('excluded')">
        <svg viewBox="0 0 18 12"><rect x="1" y="1" width="16" height="10" class="swatch excluded" /></svg>
        {{ t('kneePlateau.excluded') }}
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
            <td>{{ figureOf(verdict) }}</td>
            <td>{{ verdict.tellsChance ? rangeInHundred(verdict.interval) : '' }}</td>
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
.confirmed .shape {
  fill: var(--ink);
  stroke: var(--ink);
}
.withheld .shape {
  stroke: var(--line-2);
  stroke-dasharray: 4 3;
  fill: var(--paper);
}
.excluded .shape {
  fill: var(--card);
  stroke: var(--ink);
  stroke-width: 1.2;
}
.confirmed .figure,
.excluded .figure {
  font-size: 18px;
}
.on-shape .figure,
.on-shape .name,
.on-bone .figure,
.on-bone .name {
  paint-order: stroke;
  stroke: var(--card);
  stroke-width: 5px;
  stroke-linejoin: round;
}
.untested.on-shape .figure,
.untested.on-shape .name {
  stroke: var(--paper);
}
.confirmed.on-shape .figure,
.confirmed.on-shape .name {
  fill: var(--card);
  stroke: none;
}
.act.on-shape .figure,
.act.on-shape .name {
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
  flex-wrap: wrap;
  justify-content: space-between;
  gap: 4px 8px;
  padding: 2px 4px 0;
  font-size: var(--type-fine);
  color: var(--text-3);
}
.legend li {
  display: flex;
  white-space: nowrap;
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
.swatch.confirmed {
  fill: var(--ink);
  stroke: var(--ink);
}
.swatch.excluded {
  stroke: var(--ink);
}
</style>
