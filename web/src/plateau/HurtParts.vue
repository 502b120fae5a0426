<script setup lang="ts">
import { computed } from 'vue'
import type { ConditionId, Side } from '@/contract/types'
import { capital } from '@/shared/words'
import { useCatalogue } from '@/stores/catalogue'
import { HEIGHT, SHAPES, TIBIA, WIDTH, mirrored } from './shapes'

/** This knee from above, for the athlete: the parts that are spoken of are marked and named, and no chance is told. */
const props = defineProps<{ parts: readonly ConditionId[]; side: Side }>()
const catalogue = useCatalogue()
const ABOVE = 18

const isRight = computed(() => props.side === 'right')
const turn = computed(() => (isRight.value ? `matrix(-1 0 0 1 ${WIDTH} 0)` : undefined))
const marks = computed(() =>
  props.parts.flatMap((id) => {
    const shape = SHAPES.find((one) => one.id === id)
    return shape ? [{ id, shape, x: mirrored(shape.edge(0.5).x, isRight.value), y: shape.edge(0.5).y }] : []
  }),
)
const isMarked = (id: ConditionId) => props.parts.includes(id)
</script>

<template>
  <figure>
    <svg :viewBox="`0 ${-ABOVE} ${WIDTH} ${HEIGHT + ABOVE}`" role="img" :aria-label="`Your ${side} knee from above`">
      <g :transform="turn">
        <path :d="TIBIA" class="bone" />
        <path
          v-for="shape in SHAPES"
          :key="shape.id"
          :d="shape.path"
          :class="isMarked(shape.id) ? 'marked' : 'other'"
        />
      </g>
      <g v-for="({ id, x, y }, at) in marks" :key="id">
        <circle :cx="x" :cy="y" r="15" class="dot" />
        <text :x="x" :y="y + 6.5" class="count">{{ at + 1 }}</text>
      </g>
    </svg>
    <figcaption>
      Seen from above, the front at the top.
      <ol>
        <li v-for="({ id }, at) in marks" :key="id">
          <b>{{ at + 1 }}</b>
          {{ capital(catalogue.partOf(id)) }}
        </li>
      </ol>
    </figcaption>
  </figure>
</template>

<style scoped>
figure {
  display: grid;
  gap: 14px;
  max-width: 320px;
}
.bone {
  fill: var(--card);
  stroke: var(--line-2);
  stroke-width: 1.5;
}
.other {
  fill: none;
  stroke: var(--line-2);
}
.marked {
  fill: var(--fill);
  stroke: var(--ink);
  stroke-width: 2.5;
}
.dot {
  fill: var(--ink);
}
.count {
  fill: var(--paper);
  font-size: 19px;
  font-weight: 680;
  text-anchor: middle;
}
figcaption {
  font-size: var(--type-note);
  color: var(--text-2);
}
ol {
  display: grid;
  gap: 6px;
  margin-top: 10px;
  font-size: var(--type-lead);
  color: var(--ink);
}
li b {
  display: inline-block;
  min-width: 1.4em;
}
</style>
