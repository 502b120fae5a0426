<script setup lang="ts">
import { computed } from 'vue'
import type { Side } from '@/contract/types'
import { SHAPES, TIBIA, WIDTH } from '@/plateau/shapes'
import { inWords } from '@/shared/words'

/** Points along the joint line, tapped on the plateau seen from above, front at the top. */
const props = defineProps<{ value: string[] | undefined; words: string[]; side: Side | 'both'; label: string }>()
const emit = defineEmits<{ pick: [word: string]; none: [] }>()

/** For a left knee, in the drawing's own units. */
const PLACES: Record<string, [number, number]> = {
  medial_front: [322, 128],
  medial_middle: [378, 216],
  medial_back: [322, 312],
  lateral_front: [138, 128],
  lateral_middle: [84, 216],
  lateral_back: [138, 312],
}
const MENISCI = SHAPES.filter((shape) => shape.id === 'medial_meniscus' || shape.id === 'lateral_meniscus')
const BOX = { x: 40, y: 86, width: 380, height: 268 }

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
      <text :x="right ? 160 : 300" y="222">medial</text>
      <text :x="right ? 300 : 160" y="222">lateral</text>
      <text :x="230" y="106" class="front">front</text>
    </svg>
    <button
      v-for="point in points"
      :key="point.word"
      type="button"
      class="choice"
      :style="{ left: `${point.left}%`, top: `${point.top}%` }"
      :aria-label="inWords(point.word)"
      :aria-pressed="value?.includes(point.word) ?? false"
      @click="emit('pick', point.word)"
    >
      {{ value?.includes(point.word) ? '✕' : '' }}
    </button>
  </div>
  <button
    type="button"
    class="choice none"
    :aria-pressed="value !== undefined && value.length === 0"
    @click="emit('none')"
  >
    no point is tender
  </button>
</template>

<style scoped>
.points {
  position: relative;
  max-width: 320px;
  margin: 0 auto 4px;
}
svg {
  display: block;
  width: 100%;
}
path {
  fill: var(--fill);
  stroke: var(--line-2);
  stroke-width: 2;
}
.meniscus {
  fill: var(--card);
  stroke-width: 1.4;
}
text {
  font-size: 19px;
  text-anchor: middle;
  fill: var(--text-2);
}
.front {
  font-size: 15px;
  fill: var(--text-3);
}
.points .choice {
  position: absolute;
  width: 46px;
  height: 46px;
  min-height: 0;
  padding: 0;
  transform: translate(-50%, -50%);
  border-radius: 50%;
  border-width: 2px;
  font-weight: 700;
}
.points .choice[aria-pressed='true'] {
  background: var(--mine);
  color: var(--card);
}
.none {
  width: 100%;
}
</style>
