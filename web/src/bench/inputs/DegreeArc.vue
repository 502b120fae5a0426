<script setup lang="ts">
import { computed, useTemplateRef } from 'vue'

/**
 * An angle drawn as the leg makes it: bending, going over straight, or the foot turning out. The drawing
 * can be dragged; the rule below it takes figures.
 */
const props = defineProps<{ value: number | undefined; least: number; most: number; kind: 'bend' | 'over' | 'turn' }>()
const emit = defineEmits<{ change: [value: number] }>()
const svg = useTemplateRef<SVGSVGElement>('svg')

const CENTRE = { x: 96, y: 74 }
const LEG = 62
/** The part of the drawing in which the leg moves. */
const VIEW = { bend: '0 50 190 112', over: '0 16 190 146', turn: '74 -14 116 100' }
const shown = computed(() => props.value ?? 0)

/** Bending turns the shin down, going over straight turns it up; a turning foot starts from twelve o'clock. */
const sense = computed(() => (props.kind === 'over' ? -1 : 1))
const start = computed(() => (props.kind === 'turn' ? -90 : 0))

function end(degrees: number, length = LEG): { x: number; y: number } {
  const radians = ((start.value + sense.value * degrees) * Math.PI) / 180
  return { x: CENTRE.x + length * Math.cos(radians), y: CENTRE.y + length * Math.sin(radians) }
}

const sweep = computed(() => {
  const [from, to] = [end(0, 34), end(shown.value, 34)]
  return `M${from.x} ${from.y}A34 34 0 0 ${shown.value * sense.value >= 0 ? 1 : 0} ${to.x.toFixed(1)} ${to.y.toFixed(1)}`
})
const scale = computed(() => {
  const ticks = []
  for (let degrees = Math.ceil(props.least / 30) * 30; degrees <= Math.min(props.most, 150); degrees += 30)
    ticks.push({ degrees, ...end(degrees, 76) })
  return ticks
})

function drag(event: PointerEvent): void {
  const matrix = svg.value?.getScreenCTM()
  if (!matrix || (event.type === 'pointermove' && event.buttons === 0)) return
  const at = new DOMPoint(event.clientX, event.clientY).matrixTransform(matrix.inverse())
  const degrees = sense.value * ((Math.atan2(at.y - CENTRE.y, at.x - CENTRE.x) * 180) / Math.PI - start.value)
  emit('change', Math.min(Math.max(Math.round(degrees), props.least), props.most))
}
</script>

<template>
  <svg ref="svg" class="arc" :viewBox="VIEW[kind]" aria-hidden="true" @pointerdown="drag" @pointermove="drag">
    <path v-if="kind !== 'turn'" :d="`M14 ${CENTRE.y}H${CENTRE.x}`" class="thigh" />
    <path :d="`M${CENTRE.x} ${CENTRE.y}L${end(0).x} ${end(0).y}`" class="straight" />
    <text v-for="tick in scale" :key="tick.degrees" :x="tick.x" :y="tick.y + (kind === 'turn' ? 0 : 6)">
      {{ tick.degrees }}°
    </text>
    <path v-if="value !== undefined" :d="sweep" class="sweep" />
    <path
      :d="`M${CENTRE.x} ${CENTRE.y}L${end(shown).x} ${end(shown).y}`"
      class="shin"
      :class="{ unset: value === undefined }"
    />
    <circle :cx="CENTRE.x" :cy="CENTRE.y" r="6" class="joint" />
  </svg>
</template>

<style scoped>
.arc {
  display: block;
  width: min(100%, 210px);
  margin: 0 auto;
  cursor: grab;
  touch-action: none;
}
.thigh,
.shin {
  fill: none;
  stroke: var(--text-2);
  stroke-width: 7;
  stroke-linecap: round;
}
.shin {
  stroke: var(--mine);
}
.shin.unset {
  stroke: var(--line-2);
  stroke-dasharray: 4 10;
}
.straight {
  stroke: var(--line-2);
  stroke-dasharray: 3 4;
}
.sweep {
  fill: none;
  stroke: var(--mine);
  stroke-width: 2;
}
.joint {
  fill: var(--card);
  stroke: var(--text-2);
  stroke-width: 3;
}
text {
  font-size: 10px;
  text-anchor: middle;
  fill: var(--text-3);
}
</style>
