<script setup lang="ts">
import { computed } from 'vue'
import type { Payload } from '@/contract/types'
import { useExamination } from '@/stores/examination'
import FlagPicker from './FlagPicker.vue'
import WordPicker from './WordPicker.vue'

const examination = useExamination()
const story = computed(() => examination.section('history'))
const opening = computed(() => examination.section('opening'))

/** In the order in which one asks an athlete. */
const MECHANISM = ['twist_on_planted_foot', 'rotational_trauma', 'valgus_blow', 'varus_blow', 'shin_blow_bent_knee', 'hyperextension', 'none_recalled']
const SWELLING = ['within_2_hours', 'within_24_hours', 'none']
const QUESTIONS = [
  { key: 'pop', ask: 'Did you hear or feel a pop?' },
  { key: 'couldNotContinue', ask: 'Did you have to stop at once?' },
  { key: 'givingWay', ask: 'Has it given way since?' },
  { key: 'locking', ask: 'Does it get stuck, not merely catch?' },
  { key: 'kneecapShifted', ask: 'Did the kneecap slip out or shift?' },
  { key: 'frontLoadPain', ask: 'Pain in front on stairs, squats or low chairs?' },
]
const OPENING = [
  { key: 'consentGiven', ask: 'Consent given for hands-on' },
  { key: 'handsClean', ask: 'Hands clean' },
  { key: 'identityConfirmed', ask: 'Name confirmed' },
  { key: 'chaperoneOffered', ask: 'Chaperone offered' },
  { key: 'guardianConsent', ask: 'Guardian agrees' },
  { key: 'footSore', ask: 'Foot sore (before sitting on it)' },
]
const under18 = computed(() => Number(examination.section('frame').ageYears ?? 18) < 18)
const askedOpening = computed(() => OPENING.filter((item) => item.key !== 'guardianConsent' || under18.value))

function saved(section: string, part: Payload): void {
  const next = { ...examination.section(section), ...part }
  for (const [key, value] of Object.entries(next)) if (value === undefined) delete next[key]
  examination.saveSection(section, next)
}

function toggle(section: string, key: string, value: unknown): void {
  saved(section, { [key]: examination.section(section)[key] === value ? undefined : value })
}

function toggleMechanism(word: string): void {
  const now = (story.value.mechanism as string[] | undefined) ?? []
  const next = now.includes(word) ? now.filter((other) => other !== word) : word === 'none_recalled' ? [word] : [...now.filter((w) => w !== 'none_recalled'), word]
  saved('history', { mechanism: next.length > 0 ? next : undefined })
}
</script>

<template>
  <div class="story">
    <section aria-labelledby="before">
      <h2 id="before">Before hands-on</h2>
      <ul class="opening">
        <li v-for="item in askedOpening" :key="item.key">
          <button type="button" class="choice" :aria-pressed="opening[item.key] === true" @click="toggle('opening', item.key, true)">{{ item.ask }}</button>
        </li>
      </ul>
    </section>
    <section aria-labelledby="how">
      <h2 id="how">How did it happen?</h2>
      <WordPicker :value="(story.mechanism as string[] | undefined) ?? []" :words="MECHANISM" label="How it happened" many @pick="toggleMechanism" />
    </section>
    <section aria-labelledby="then">
      <h2 id="then">Then, and since</h2>
      <ul class="asked">
        <li><span>When did it swell?</span><WordPicker :value="story.swellingOnset as string | undefined" :words="SWELLING" label="Swelling" @pick="(word) => toggle('history', 'swellingOnset', word)" /></li>
        <li v-for="question in QUESTIONS" :key="question.key"><span>{{ question.ask }}</span><FlagPicker :value="story[question.key] as boolean | undefined" :label="question.ask" @pick="(value) => toggle('history', question.key, value)" /></li>
      </ul>
    </section>
  </div>
</template>

<style scoped>
.story { display: grid; gap: 22px; }
h2 { margin-bottom: 8px; }
.opening { display: grid; grid-template-columns: repeat(auto-fill, minmax(180px, 1fr)); gap: 6px; }
.opening .choice { width: 100%; text-align: left; }
.asked li { display: grid; grid-template-columns: 1fr minmax(230px, 330px); gap: 16px; align-items: center; padding: 5px 0; border-top: 1px solid var(--line); }
@media (max-width: 560px) { .asked li { grid-template-columns: 1fr; gap: 4px; } }
</style>
