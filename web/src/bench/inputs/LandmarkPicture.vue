<script setup lang="ts">
import { computed } from 'vue'
import type { Side } from '@/contract/types'
import LandmarkView from './LandmarkView.vue'
import { t } from '@/messages/bench'

/** Places around the knee, tapped on a picture of it: what is reached from the front, then what lies behind. */
const props = defineProps<{ value: string[] | undefined; words: string[]; side: Side | 'both'; label: string }>()
const emit = defineEmits<{ pick: [word: string]; none: [] }>()
const left = computed(() => props.side === 'left')
</script>

<template>
  <div class="pictures" role="group" :aria-label="label">
    <LandmarkView view="front" :value="value" :words="words" :mirrored="left" @pick="(word) => emit('pick', word)" />
    <LandmarkView view="back" :value="value" :words="words" :mirrored="!left" @pick="(word) => emit('pick', word)" />
  </div>
  <button
    type="button"
    class="choice none"
    :aria-pressed="value !== undefined && value.length === 0"
    @click="emit('none')"
  >
    {{ t('landmarkPicture.noPlaceIsTender') }}
  </button>
</template>

<style scoped>
.pictures {
  display: grid;
  gap: 8px;
}
.none {
  width: 100%;
  margin-top: 4px;
}
</style>
