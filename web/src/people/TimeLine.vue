<script setup lang="ts">
import { computed } from 'vue'
import type { Episode, ExaminationSummary } from '@/contract/types'
import { t } from '@/messages/people'
import { letterOf } from '@/shared/words'
import UiMore from '@/ui/UiMore.vue'
import VisitList from './VisitList.vue'

/** Visits, scans and operations of both knees in one list, newest first; offered where there is more than one episode. */
const props = defineProps<{ episodes: readonly Episode[]; visits: readonly ExaminationSummary[] }>()

const results = computed(() =>
  props.episodes.flatMap(({ referenceResults }) => referenceResults.filter(({ removed }) => !removed)),
)

const sides = computed(
  () =>
    new Map([
      ...props.visits.map(({ id, isBaseline, hurtSide }) => [id, isBaseline ? 'L R' : letterOf(hurtSide)] as const),
      ...props.episodes.flatMap(({ hurtSide, referenceResults }) =>
        referenceResults.map(({ id }) => [id, letterOf(hurtSide)] as const),
      ),
    ]),
)
</script>

<template>
  <UiMore v-if="episodes.length > 1" :title="t('timeLine.bothKneesByDate', { n: visits.length + results.length })">
    <VisitList :visits="visits" :results="results" :sides="sides" />
  </UiMore>
</template>
