<script setup lang="ts">
import type { ConditionId } from '@/contract/types'
import KneePlateau from '@/plateau/KneePlateau.vue'
import LikelyPictures from '@/plateau/LikelyPictures.vue'
import { useOpenExamination } from '@/stores/openExamination'
import { useVerdict } from '@/stores/verdict'
import NextTests from './NextTests.vue'
import type { Place } from './route/places'

/** What this knee's chances are now, drawn where they belong, and what is worth doing next. */
const emit = defineEmits<{ pick: [condition: ConditionId]; go: [place: Place] }>()
const opened = useOpenExamination()
const verdict = useVerdict()
</script>

<template>
  <section v-if="opened.head?.isBaseline" class="picture" aria-label="Chances">
    <h2>Not weighed</h2>
    <p class="quiet-text">
      A baseline weighs no chance: base rates are of knees with a complaint. Both knees are compared later with what is
      measured here.
    </p>
  </section>
  <section v-else-if="verdict.assessment" class="picture" aria-label="Chances">
    <header>
      <h2>{{ opened.hurtSide === 'left' ? 'Left' : 'Right' }} knee, from above</h2>
      <span class="quiet-text">chance in 100</span>
    </header>
    <KneePlateau
      :conditions="verdict.assessment.conditions"
      :side="opened.hurtSide"
      @pick="(condition) => emit('pick', condition)"
    />
    <LikelyPictures :patterns="verdict.assessment.patterns" />
    <NextTests @go="(place) => emit('go', place)" />
  </section>
</template>

<style scoped>
.picture {
  display: flex;
  flex-direction: column;
  gap: 12px;
  padding: 12px 18px;
  overflow-y: auto;
}
header {
  display: flex;
  justify-content: space-between;
  align-items: baseline;
}
</style>
