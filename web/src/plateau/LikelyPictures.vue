<script setup lang="ts">
import type { Assessment, ConditionId } from '@/contract/types'
import { t } from '@/messages/plateau'
import { inHundred } from '@/shared/words'
import { shortName } from './shapes'

const props = defineProps<{ patterns: Assessment['patterns'] }>()
const SHOWN = 3
const NAMES: Partial<Record<ConditionId, string>> = {
  medial_meniscus: t('likelyPictures.medialMeniscus'),
  lateral_meniscus: t('likelyPictures.lateralMeniscus'),
  patellar_instability: 'instability',
}

function name(id: ConditionId): string {
  return NAMES[id] ?? shortName(id)
}

function words(present: ConditionId[]): string {
  return present.length === 0 ? t('likelyPictures.noneOfTheNine') : present.map(name).join(' + ')
}
</script>

<template>
  <div class="pictures">
    <h3>{{ t('likelyPictures.likeliestCombinationsIn100') }}</h3>
    <ul>
      <li v-for="pattern in props.patterns.slice(0, SHOWN)" :key="pattern.present.join()">
        <b class="number">{{ inHundred(pattern.probability) }}</b>
        {{ words(pattern.present) }}
      </li>
    </ul>
  </div>
</template>

<style scoped>
h3 {
  font-size: var(--type-note);
  margin-bottom: 6px;
}
/* Room for two rows, so that nothing below jumps when a picture grows. */
ul {
  display: flex;
  flex-wrap: wrap;
  align-content: start;
  gap: 6px;
  min-height: 64px;
}
li {
  padding: 3px 9px;
  font-size: var(--type-small);
  background: var(--card);
  border: 1px solid var(--line);
  border-radius: 999px;
}
</style>
