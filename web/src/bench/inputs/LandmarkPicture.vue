<script setup lang="ts">
import { computed } from 'vue'
import type { Side } from '@/contract/types'
import { inWords } from '@/shared/words'

/** Places around the knee, tapped on a picture of it seen from the front: a dot for each, its name beside it. */
const props = defineProps<{ value: string[] | undefined; words: string[]; side: Side | 'both'; label: string }>()
const emit = defineEmits<{ pick: [word: string]; none: [] }>()

const WIDTH = 240
const HEIGHT = 330
const TOUCH = 46
/** Names of the outer side stand left of a right knee, in its own order from above down; [x, y] is where the dot sits. */
const OUTER: Record<string, [number, number]> = {
  outer_band: [84, 52],
  lateral_epicondyle: [82, 106],
  outer_cord: [79, 150],
  biceps_tendon: [76, 172],
  fibular_head: [82, 196],
  upper_tibiofibular_joint: [92, 208],
}
const INNER: Record<string, [number, number]> = {
  medial_epicondyle: [158, 106],
  medial_ligament_course: [162, 150],
  popliteal_mass: [146, 164],
  pes_insertion: [148, 232],
}
/** On the middle line the name stands on its place; the number is its height. */
const MIDDLE: Record<string, number> = {
  quadriceps_tendon: 30,
  kneecap_front: 92,
  lower_pole: 143,
  patellar_tendon: 194,
  tibial_tubercle: 250,
}

interface Place {
  word: string
  column: 'outer' | 'middle' | 'inner'
  top: number
  dot: [number, number] | null
}

function beside(column: 'outer' | 'inner', dots: Record<string, [number, number]>): Place[] {
  const words = Object.keys(dots).filter((word) => props.words.includes(word))
  return words.map((word, at) => ({
    word,
    column,
    dot: dots[word] ?? null,
    top: 26 + (at * (HEIGHT - 52)) / Math.max(1, words.length - 1),
  }))
}

const places = computed<Place[]>(() => [
  ...beside('outer', OUTER),
  ...beside('inner', INNER),
  ...Object.entries(MIDDLE)
    .filter(([word]) => props.words.includes(word))
    .map(([word, top]): Place => ({ word, column: 'middle', dot: null, top })),
])
const left = computed(() => props.side === 'left')

/** As one looks at the athlete: a left knee is the mirror image of a right one. */
function placeOf(place: Place): Record<string, string> {
  const side = place.column === 'middle' ? 'middle' : (place.column === 'outer') !== left.value ? 'first' : 'last'
  const x = { first: 0, middle: 36, last: 72 }[side]
  return {
    left: `${x}%`,
    width: '28%',
    top: `calc(${(100 * place.top) / HEIGHT}% - ${TOUCH / 2}px)`,
    minHeight: `${TOUCH}px`,
  }
}

function leader(place: Place): string {
  const [x, y] = place.dot ?? [0, 0]
  return `M${place.column === 'outer' ? 67 : WIDTH - 67} ${place.top}L${x} ${y}`
}
</script>

<template>
  <div class="picture" role="group" :aria-label="label">
    <svg :viewBox="`0 0 ${WIDTH} ${HEIGHT}`" preserveAspectRatio="none" aria-hidden="true" :class="{ left }">
      <path
        class="leg"
        d="M86 0C84 50 72 92 77 128C72 156 74 176 82 200C88 240 92 290 94 330H146C150 290 156 240 160 200C168 176 168 156 163 128C168 92 156 50 154 0Z"
      />
      <path d="M77 152C98 162 142 162 163 152M82 200C78 190 84 182 92 188" />
      <path
        class="bone"
        d="M120 66C140 66 150 80 146 98C142 114 132 124 120 129C108 124 98 114 94 98C90 80 100 66 120 66ZM112 132L114 232M128 132L126 232M108 238H132V262H108Z"
      />
      <g v-for="place in places.filter((p) => p.dot)" :key="place.word" :class="{ on: value?.includes(place.word) }">
        <path :d="leader(place)" class="leader" />
        <circle :cx="place.dot![0]" :cy="place.dot![1]" r="4.5" />
      </g>
    </svg>
    <button
      v-for="place in places"
      :key="place.word"
      type="button"
      class="choice"
      :class="place.column"
      :style="placeOf(place)"
      :aria-pressed="value?.includes(place.word) ?? false"
      @click="emit('pick', place.word)"
    >
      {{ inWords(place.word) }}
    </button>
  </div>
  <button
    type="button"
    class="choice none"
    :aria-pressed="value !== undefined && value.length === 0"
    @click="emit('none')"
  >
    no place is tender
  </button>
</template>

<style scoped>
.picture {
  position: relative;
  height: 340px;
}
svg {
  position: absolute;
  inset: 0;
  width: 100%;
  height: 100%;
}
svg.left {
  transform: scaleX(-1);
}
path {
  fill: none;
  stroke: var(--line-2);
  stroke-width: 1.5;
  vector-effect: non-scaling-stroke;
}
.leg {
  fill: var(--fill);
  stroke: var(--line-2);
}
.bone {
  fill: var(--card);
}
.leader {
  stroke: var(--text-3);
  stroke-width: 1;
}
circle {
  fill: var(--card);
  stroke: var(--text-2);
  stroke-width: 2;
}
.on circle {
  fill: var(--mine);
  stroke: var(--mine);
}
.on .leader {
  stroke: var(--mine);
  stroke-width: 2.5;
}
.picture .choice {
  position: absolute;
  padding: 1px 3px;
  font-size: 0.8rem;
  line-height: 1.1;
  overflow-wrap: anywhere;
}
.picture .middle[aria-pressed='false'] {
  background: transparent;
  border-color: transparent;
  text-decoration: underline dotted;
  text-underline-offset: 3px;
}
.none {
  width: 100%;
  margin-top: 4px;
}
</style>
