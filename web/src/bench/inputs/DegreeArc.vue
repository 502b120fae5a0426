<script setup lang="ts">
import { computed, useTemplateRef } from 'vue'
import { ARCS, type ArcName, TICKS_FROM, figureAt, multiples, pointAt, viewOf } from './arcs'
import { t } from '@/messages/bench'

/**
 * An angle drawn as the leg makes it, from the side: bending, going over straight, or the foot turning out.
 * The thigh stays, the shin moves; the other knee lies behind as a ghost. The drawing can be dragged; the
 * rule below it takes figures.
 */
const props = defineProps<{
  value: number | undefined
  across?: number | undefined
  least: number
  most: number
  kind: ArcName
}>()
const emit = defineEmits<{ change: [value: number] }>()
const svg = useTemplateRef<SVGSVGElement>('svg')

const SWEEP = 30
/** Beyond this the joint cannot be drawn; such figures are typed. */
const MOST_DRAWN = 150
const THIGH = 'M-96 -16C-70 -16 -34 -12 -8 -10.5C-1 -12 8 -10 10 -4C11 4 7 10 0 10C-30 11 -70 14 -96 15Z'
const SHIN =
  'M-3 -8.5C18 -9.5 36 -7 50 -5.5L53 -20C54 -24 60 -24 60.5 -20L61 -1C61 4 58 7 53 7C44 7 38 9 27 11C17 13 6 12 -3 9C-9 6 -9 -6 -3 -8.5Z'
const FOOT = 'M-9 6C-11 -8 -13 -26 -12 -42C-11 -56 -4 -62 4 -60C12 -57 13 -46 11 -36C8 -22 9 -8 9 4C9 12 -8 13 -9 6Z'

const kind = computed(() => ARCS[props.kind])
const to = computed(() => Math.min(props.most, MOST_DRAWN))
const shown = computed(() => props.value ?? 0)
const view = computed(() => viewOf(props.kind, props.least, to.value))
const limb = computed(() => (props.kind === 'turn' ? FOOT : SHIN))

const wedge = computed(() => {
  const [from, at] = [pointAt(kind.value, 0, SWEEP), pointAt(kind.value, shown.value, SWEEP)]
  const clockwise = shown.value * kind.value.sense >= 0 ? 1 : 0
  return `M0 0L${from.x} ${from.y}A${SWEEP} ${SWEEP} 0 0 ${clockwise} ${at.x.toFixed(1)} ${at.y.toFixed(1)}Z`
})
const ticks = computed(() =>
  multiples(kind.value.tick, props.least, to.value).map((degrees) => {
    const long = degrees % kind.value.figure === 0
    const [a, b] = [TICKS_FROM, TICKS_FROM + (long ? 9 : 5)].map((radius) => pointAt(kind.value, degrees, radius))
    return { degrees, long, path: `M${a!.x} ${a!.y}L${b!.x} ${b!.y}`, figure: figureAt(kind.value, degrees) }
  }),
)

/** The limb lies drawn along 0°; more turns it on. */
function turned(degrees: number): string {
  return `rotate(${kind.value.sense * degrees})`
}

function drag(event: PointerEvent): void {
  const matrix = svg.value?.getScreenCTM()
  if (!matrix || (event.type === 'pointermove' && event.buttons === 0)) return
  const at = new DOMPoint(event.clientX, event.clientY).matrixTransform(matrix.inverse())
  const degrees = kind.value.sense * ((Math.atan2(at.y, at.x) * 180) / Math.PI - kind.value.start)
  emit('change', Math.min(Math.max(Math.round(degrees), props.least), props.most))
}
</script>

<template>
  <div class="drawing">
    <svg
      ref="svg"
      class="arc"
      data-testid="arc"
      :viewBox="view"
      aria-hidden="true"
      @pointerdown="drag"
      @pointermove="drag"
    >
      <path v-if="props.kind !== 'turn'" :d="THIGH" class="thigh" />
      <path v-if="value !== undefined" :d="wedge" class="wedge" />
      <path v-for="tick in ticks" :key="tick.degrees" :d="tick.path" class="tick" :class="{ long: tick.long }" />
      <text
        v-for="tick in ticks.filter((one) => one.long)"
        :key="tick.degrees"
        :x="tick.figure.x"
        :y="tick.figure.y + 4"
        :text-anchor="tick.figure.anchor"
      >
        {{ String(tick.degrees).replace('-', '−') }}°
      </text>
      <path v-if="across !== undefined" :d="limb" class="ghost" :transform="turned(across)" />
      <path :d="limb" class="limb" :class="{ unset: value === undefined }" :transform="turned(shown)" />
      <circle r="5" class="joint" data-testid="joint" />
    </svg>
    <p v-if="across !== undefined" class="key">
      {{ t('degreeArc.dashedOtherSide', { replace: String(across).replace('-', '−') }) }}
    </p>
  </div>
</template>

<style scoped>
.arc {
  display: block;
  width: min(100%, 290px);
  height: 150px;
  margin: 0 auto;
  cursor: grab;
  touch-action: none;
}
.thigh {
  fill: var(--fill);
  stroke: var(--text-2);
  stroke-width: 1.5;
}
.limb {
  fill: var(--mine-soft);
  stroke: var(--mine);
  stroke-width: 2;
}
.limb.unset {
  fill: var(--fill);
  stroke: var(--line-2);
}
.ghost {
  fill: none;
  stroke: var(--text-3);
  stroke-width: 1.3;
  stroke-dasharray: 4 3;
}
.wedge {
  fill: var(--mine-soft);
  stroke: none;
}
.tick {
  stroke: var(--line-2);
}
.tick.long {
  stroke: var(--text-3);
}
.joint {
  fill: var(--card);
  stroke: var(--text-2);
  stroke-width: 2;
}
text {
  font-size: 12px;
  fill: var(--text-2);
}
.key {
  line-height: 1.2;
  font-size: var(--type-fine);
  color: var(--text-3);
}
</style>
