<script setup lang="ts">
import { computed } from 'vue'
import type { Side } from '@/contract/types'
import { inWords } from '@/shared/words'

/** Places around the knee, tapped on a picture of it: seen from the front, bent, kneecap in the middle. */
const props = defineProps<{ value: string[] | undefined; words: string[]; side: Side | 'both'; label: string }>()
const emit = defineEmits<{ pick: [word: string]; none: [] }>()

const MIDDLE = ['quadriceps_tendon', 'kneecap_front', 'lower_pole', 'patellar_tendon', 'tibial_tubercle']
const INNER = ['medial_epicondyle', 'medial_ligament_course', 'pes_insertion', 'popliteal_mass']
const OUTER = ['outer_band', 'lateral_epicondyle', 'outer_cord', 'biceps_tendon', 'fibular_head', 'upper_tibiofibular_joint']

/** As one looks at the athlete: a right knee has its inner side on the right of the picture. */
const columns = computed(() => {
  const among = (places: string[]) => places.filter((place) => props.words.includes(place))
  const rest = props.words.filter((word) => ![...MIDDLE, ...INNER, ...OUTER].includes(word))
  const sides = [{ name: 'outer side', places: among(OUTER) }, { name: 'front', places: among(MIDDLE) }, { name: 'inner side', places: [...among(INNER), ...rest] }]
  return props.side === 'left' ? [...sides].reverse() : sides
})
</script>

<template>
  <div class="picture" role="group" :aria-label="label">
    <svg viewBox="0 0 240 330" preserveAspectRatio="none" aria-hidden="true" :class="{ left: side === 'left' }">
      <path class="leg" d="M62 0C58 62 44 108 52 150C46 196 66 258 74 330H166C176 258 194 196 188 150C196 108 182 62 178 0Z" />
      <path d="M54 152C90 168 150 168 186 152M50 166C64 160 70 172 66 190L72 330" />
      <path d="M120 84C142 84 152 98 148 118C143 138 132 148 120 152C108 148 97 138 92 118C88 98 98 84 120 84ZM112 152L114 218M128 152L126 218M106 222H134V242H106Z" />
    </svg>
    <div v-for="column in columns" :key="column.name" class="column">
      <h4>{{ column.name }}</h4>
      <button v-for="place in column.places" :key="place" type="button" class="choice" :aria-pressed="value?.includes(place) ?? false" @click="emit('pick', place)">{{ inWords(place) }}</button>
    </div>
  </div>
  <button type="button" class="choice none" :aria-pressed="value !== undefined && value.length === 0" @click="emit('none')">no place is tender</button>
</template>

<style scoped>
.picture { position: relative; display: grid; grid-template-columns: repeat(3, minmax(0, 1fr)); gap: 4px; padding: 2px 0; }
svg { position: absolute; inset: 0; width: 100%; height: 100%; }
svg.left { transform: scaleX(-1); }
.leg { fill: var(--fill); stroke: none; }
path { fill: none; stroke: var(--line-2); stroke-width: 2; vector-effect: non-scaling-stroke; }
.column { position: relative; display: grid; gap: 4px; align-content: space-between; }
h4 { margin: 0; font-size: 0.8rem; font-weight: 400; color: var(--text-3); text-align: center; }
.choice { padding: 2px 4px; font-size: 0.8rem; line-height: 1.1; overflow-wrap: anywhere; background: color-mix(in srgb, var(--card) 90%, transparent); }
.choice[aria-pressed='true'] { background: var(--mine-soft); }
.none { width: 100%; margin-top: 4px; font-size: 1rem; }
</style>
