<script setup lang="ts">
import type { ConditionId } from '@/contract/types'
import { t } from '@/messages/bench'
import KneePlateau from '@/plateau/KneePlateau.vue'
import LikelyPictures from '@/plateau/LikelyPictures.vue'
import { useOpenExamination } from '@/stores/openExamination'
import { useVerdict } from '@/stores/verdict'
import NextTests from './NextTests.vue'
import type { Place } from './route/places'
import { capital, kneeOf } from '@/shared/words'

/** What this knee's chances are now, drawn where they belong, and what is worth doing next. */
const emit = defineEmits<{ pick: [condition: ConditionId]; go: [place: Place] }>()
const opened = useOpenExamination()
const verdict = useVerdict()
</script>

<template>
  <section v-if="opened.head?.isBaseline" class="picture" :aria-label="t('chancesPanel.chances')">
    <h2>{{ t('chancesPanel.notWeighed') }}</h2>
    <p class="quiet-text">
      {{ t('chancesPanel.aBaselineGivesNoProbabilitiesThe') }}
    </p>
  </section>
  <section v-else-if="verdict.assessment" class="picture" :aria-label="t('chancesPanel.chances')">
    <header>
      <h2>
        {{
          t('chancesPanel.kneeFromAbove', {
            knee: capital(kneeOf(opened.hurtSide)),
          })
        }}
      </h2>
      <span class="quiet-text">{{ t('chancesPanel.chanceIn100') }}</span>
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
