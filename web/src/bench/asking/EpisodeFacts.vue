<script setup lang="ts">
import { computed } from 'vue'
import type { Payload } from '@/contract/types'
import { useCatalogue } from '@/stores/catalogue'
import { useExamination } from '@/stores/examination'
import { EPISODE_TEXTS } from './storyQuestions'

const emit = defineEmits<{ episode: [part: Payload]; frame: [part: Payload] }>()
const catalogue = useCatalogue()
const examination = useExamination()
const episode = computed(() => examination.section('episode'))
const frame = computed(() => examination.section('frame'))
const fresh = computed(() => typeof frame.value.daysSinceInjury === 'number' && frame.value.daysSinceInjury <= 1)

function textOf(event: Event): string {
  return (event.target as HTMLInputElement).value.trim()
}

function numberOf(event: Event): number | null {
  const text = textOf(event)
  return text === '' ? null : Number(text)
}
</script>

<template>
  <section aria-labelledby="facts">
    <h2 id="facts">Facts of this injury</h2>
    <div class="facts">
      <label v-for="text in EPISODE_TEXTS" :key="text.key" class="field" :class="{ wide: text.key === 'whatHappened' }"><span>{{ text.ask }}</span><input type="text" maxlength="4000" :value="episode[text.key] ?? ''" @change="(event) => emit('episode', { [text.key]: textOf(event) })"></label>
      <label class="field"><span>Seen as</span>
        <select :value="frame.setting" @change="(event) => emit('frame', { setting: textOf(event) })"><option v-for="setting in catalogue.catalogue?.settings ?? []" :key="setting.id" :value="setting.id">{{ setting.label }}</option></select>
      </label>
      <label v-if="fresh" class="field"><span>Hours since the injury</span><input type="number" min="0" max="48" step="0.5" :value="frame.hoursSinceInjury ?? ''" @change="(event) => emit('frame', { hoursSinceInjury: numberOf(event) })"></label>
      <button type="button" class="choice" :aria-pressed="episode.bleedingRisk === true" @click="emit('episode', { bleedingRisk: episode.bleedingRisk === true ? undefined : true })">Bleeds easily, or takes blood thinners</button>
      <button type="button" class="choice" :aria-pressed="frame.otherKneeReliable === false" @click="emit('frame', { otherKneeReliable: frame.otherKneeReliable === false ? undefined : false })">Other knee was hurt too: no fair comparison</button>
    </div>
  </section>
</template>

<style scoped>
h2 { margin-bottom: 8px; }
.facts { display: grid; grid-template-columns: 1fr 1fr; gap: 12px 20px; align-items: end; }
.facts .wide { grid-column: 1 / -1; }
@media (max-width: 700px) { .facts { grid-template-columns: 1fr; } }
</style>
