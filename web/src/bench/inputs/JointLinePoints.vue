<script setup lang="ts">
import { computed } from 'vue'
import type { Side } from '@/contract/types'
import { t } from '@/messages/bench'
import { SHAPES, TIBIA, WIDTH } from '@/plateau/shapes'
import { inWords } from '@/stores/words'

/** Points along the joint line, tapped on the plateau seen from above, front at the top. */
const props = defineProps<{ value: string[] | undefined; words: string[]; side: Side | 'both'; label: string }>()
const emit = defineEmits<{ pick: [word: string]; none: [] }>()

/** On the menisci's outer rims, for a left knee, in the drawing's own units. */
const PLACES: Record<string, [number, number]> = {
  medial_front: [336, 139],
  medial_middle: [366, 216],
  medial_back: [336, 293],
  lateral_front: [115, 140],
  lateral_middle: [86, 212],
  lateral_back: [115, 284],
}
const MENISCI = SHAPES.filter((shape) => shape.id === 'medial_meniscus' || shape.id === 'lateral_meniscus')
const BOX = { x: 44, y: 88, width: 372, height: 250 }
const ROWS = { front: 146, middle: 220, back: 294 }

const right = computed(() => props.side === 'right')
const points = computed(() =>
  props.words.map((word) => {
    const [x, y] = PLACES[word] ?? [WIDTH / 2, 220]
    return {
      word,
      left: (100 * ((right.value ? WIDTH - x : x) - BOX.x)) / BOX.width,
      top: (100 * (y - BOX.y)) / BOX.height,
    }
  }),
)
</script>

<template>
  <div class="points" role="group" :aria-label="label">
    <svg :viewBox="`${BOX.x} ${BOX.y} ${BOX.width} ${BOX.height}`" aria-hidden="true">
      <g :transform="right ? `matrix(-1 0 0 1 ${WIDTH} 0)` : undefined">
        <path :d="TIBIA" />
        <path v-for="meniscus in MENISCI" :key="meniscus.id" :d="meniscus.path" class="meniscus" />
      </g>
      <text :x="right ? 156 : 304" y="221" class="compartment">{{ t('jointLinePoints.medial') }}</text>
      <text :x="right ? 310 : 150" y="221" class="compartment">{{ t('jointLinePoints.lateral') }}</text>
      <text v-for="(y, row) in ROWS" :key="row" x="230" :y="y">{{ row }}</text>
    </svg>
    <button
      v-for="point in points"
      :key="point.word"
      type="button"
      class="point"
      :style="{ left: `${point.left}%`, top: `${point.top}%` }"
      :aria-label="inWords(point.word)"
      :aria-pressed="value?.includes(point.word) ?? false"
      @click="emit('pick', point.word)"
    >
      <span class="mark" aria-hidden="true">{{ value?.includes(point.word) ? '✕' : '' }}</span>
    </button>
  </div>
  <button
    type="button"
    class="choice none"
    :aria-pressed="value !== undefined && value.length === 0"
    @click="emit('none')"
  >
    {{ t('jointLinePoints.noPointIsTender') }}
  </button>
</template>

<style scoped>
.points {
  position: relative;
  max-width: 340px;
  margin: 0 auto 4px;
}
svg {
  display: block;
  width: 100%;
}
path {
  fill: var(--card);
  stroke: var(--line-2);
  stroke-width: 2;
}
.meniscus {
  fill: var(--fill);
  stroke: var(--text-3);
  stroke-width: 1.6;
}
text {
  font-size: 17px;
  text-anchor: middle;
  fill: var(--text-3);
}
.compartment {
  font-weight: 600;
  fill: var(--ink);
}
.point {
  position: absolute;
  display: grid;
  place-items: center;
  width: 52px;
  height: 52px;
  padding: 0;
  transform: translate(-50%, -50%);
  border: 0;
  border-radius: 50%;
  background: none;
  cursor: pointer;
}
.mark {
  display: grid;
  place-items: center;
  width: 16px;
  height: 16px;
  border: 2px solid var(--text-2);
  border-radius: 50%;
  background: var(--card);
  font-size: var(--type-fine);
  font-weight: 700;
}
.point:hover .mark {
  box-shadow: 0 0 0 5px var(--mine-soft);
}
.point[aria-pressed='true'] .mark {
  width: 26px;
  height: 26px;
  border-color: var(--mine);
  background: var(--mine);
  color: var(--card);
}
.none {
  width: 100%;
}
</style>
