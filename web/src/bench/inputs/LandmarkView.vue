<script setup lang="ts">
import { computed } from 'vue'
import { inWords } from '@/stores/words'
import { HEIGHTS, type View, WIDTH, landmarksOf } from './landmarks'

/** One view of the knee with a dot for each place, its name outside, one leader between them. */
const props = defineProps<{ view: View; value: string[] | undefined; words: string[]; mirrored: boolean }>()
const emit = defineEmits<{ pick: [word: string] }>()

/** The edge of a column of names, in units of the drawing. */
const NAMES_TO = 88
const height = computed(() => HEIGHTS[props.view])
const places = computed(() => landmarksOf(props.view, props.words))

function isTender(word: string): boolean {
  return props.value?.includes(word) ?? false
}

function onLeft(column: 'outer' | 'inner'): boolean {
  return (column === 'outer') !== props.mirrored
}
</script>

<template>
  <div class="picture" :style="{ aspectRatio: `${WIDTH} / ${height}`, minHeight: `${height}px` }">
    <svg :viewBox="`0 0 ${WIDTH} ${height}`" preserveAspectRatio="none" aria-hidden="true" :class="{ mirrored }">
      <g v-if="view === 'front'">
        <path
          class="leg"
          d="M104 0C103 44 92 88 97 124C93 150 95 172 101 192C108 232 111 272 113 314H166C170 272 176 232 180 192C186 172 188 150 183 124C188 88 177 44 176 0Z"
        />
        <path class="line" d="M98 150C114 159 128 160 140 158C152 160 168 159 184 150" />
        <path class="line" d="M101 182C107 176 116 182 115 200" />
        <path class="bone" d="M132 60C128 40 127 20 127 0H153C153 20 152 40 148 60Z" />
        <path class="bone" d="M131 124L134 212H146L149 124Z" />
        <path
          class="bone"
          d="M140 62C158 62 169 76 166 95C162 110 152 121 140 129C128 121 118 110 114 95C111 76 122 62 140 62Z"
        />
        <path
          class="bone"
          d="M129 226C129 212 134 208 140 208C146 208 151 212 151 226C151 238 146 242 140 242C134 242 129 238 129 226Z"
        />
      </g>
      <g v-else>
        <path
          class="leg"
          d="M103 0C104 30 94 46 97 66C98 82 100 92 103 100H178C182 90 184 80 183 66C186 46 176 30 177 0Z"
        />
        <path class="line" d="M112 0C111 26 107 44 102 60M168 0C168 26 172 44 178 58" />
        <path class="line" d="M104 66C124 74 156 74 176 66" />
      </g>
      <g v-for="place in places" :key="place.word" :class="{ on: isTender(place.word) }">
        <path
          :d="`M${place.column === 'outer' ? NAMES_TO : WIDTH - NAMES_TO} ${place.top}L${place.dot.x} ${place.dot.y}`"
          class="leader"
        />
        <circle :cx="place.dot.x" :cy="place.dot.y" :r="isTender(place.word) ? 7 : 4.5" />
      </g>
    </svg>
    <button
      v-for="place in places"
      :key="place.word"
      type="button"
      class="choice"
      :style="{ [onLeft(place.column) ? 'left' : 'right']: 0, top: `${(100 * place.top) / height}%` }"
      :aria-pressed="isTender(place.word)"
      @click="emit('pick', place.word)"
    >
      {{ inWords(place.word) }}
    </button>
    <span class="name">{{ view }}</span>
  </div>
</template>

<style scoped>
.picture {
  position: relative;
  width: 100%;
  max-width: 380px;
  margin: 0 auto;
}
svg {
  position: absolute;
  inset: 0;
  width: 100%;
  height: 100%;
}
svg.mirrored {
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
  stroke: var(--card);
}
.on .leader {
  stroke: var(--mine);
  stroke-width: 2.5;
}
.choice {
  position: absolute;
  width: 30.5%;
  min-height: 44px;
  padding: 1px 3px;
  transform: translateY(-50%);
  font-size: var(--type-fine);
  line-height: 1.1;
}
.name {
  position: absolute;
  left: 0;
  right: 0;
  bottom: 4px;
  text-align: center;
  font-size: var(--type-fine);
  color: var(--text-2);
  pointer-events: none;
}
</style>
