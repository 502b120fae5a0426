<script setup lang="ts">
import { computed } from 'vue'
import { useExamination } from '@/stores/examination'
import AskedList from './AskedList.vue'
import PainStrip from '@/bench/inputs/PainStrip.vue'
import { BEFORE_STRESS } from './gateQuestions'
import { TOUCHLINE } from './storyQuestions'
import { useSections } from './useSections'

/** The few questions of the touchline: what happened, and what forbids pulling. */
const props = defineProps<{ about: 'story' | 'gate' }>()
const examination = useExamination()
const { toggle, none } = useSections()

const section = computed(() => (props.about === 'story' ? 'history' : 'safety'))
const questions = computed(() => (props.about === 'story' ? TOUCHLINE : BEFORE_STRESS))
const answers = computed(() => examination.section(section.value))
const consent = computed(() => examination.section('opening').consentGiven === true)
</script>

<template>
  <div class="ask">
    <h1>{{ about === 'story' ? 'Ask' : 'Before anyone pulls' }}</h1>
    <button v-if="about === 'story'" type="button" class="choice" :aria-pressed="consent" @click="toggle('opening', 'consentGiven', true)">Consent given for hands-on</button>
    <AskedList :questions="questions" :answers="answers" @answer="(key, value) => toggle(section, key, value)" />
    <button type="button" class="button" @click="none(section, questions)">None of these</button>
    <template v-if="about === 'story'"><h2>Pain now, 0 to 10</h2><PainStrip :value="answers.painNow as number | undefined" label="Pain now" @pick="(value) => toggle('history', 'painNow', value)" /></template>
  </div>
</template>

<style scoped>
.ask { display: grid; gap: 12px; }
.ask > .choice, .ask > .button { min-height: 56px; }
</style>
