<script setup lang="ts">
import { t } from '@/messages/bench'
import { asNumber } from '@/shared/values'
import { computed } from 'vue'
import { useOpenExamination } from '@/stores/openExamination'
import AskedList from './AskedList.vue'
import PainStrip from '@/bench/inputs/PainStrip.vue'
import { useQuestions } from './useQuestions'
import { useSections } from './useSections'
import UiButton from '@/ui/UiButton.vue'
import UiChoice from '@/ui/UiChoice.vue'
import UiNumber from '@/ui/UiNumber.vue'
import UiToggle from '@/ui/UiToggle.vue'

/** The few questions of the touchline: what happened and when, and what forbids pulling. */
const props = defineProps<{ about: 'history' | 'gate' }>()
const opened = useOpenExamination()
const { answer, toggle, none } = useSections()

const MINUTES = [5, 15, 30, 60, 120].map((minutes) => ({ id: minutes, label: t('touchlineAsk.min', { minutes }) }))
const HOUR = 60
const { opening: consents, history, gate } = useQuestions()

const section = computed(() => (props.about === 'history' ? 'history' : 'safety'))
const questions = computed(() =>
  props.about === 'history' ? history.value.filter(({ touchline }) => touchline) : gate.value,
)
const answers = computed(() => opened.answers(section.value))
const opening = computed(() => opened.answers('opening'))
const frame = computed(() => opened.section('frame'))
const asked = computed(() => consents.value.filter(({ touchline }) => touchline))
const fresh = computed(() => typeof frame.value.daysSinceInjury === 'number' && frame.value.daysSinceInjury <= 1)
const minutes = computed(() =>
  typeof frame.value.hoursSinceInjury === 'number' ? Math.round(frame.value.hoursSinceInjury * HOUR) : null,
)

function since(value: number | null): void {
  answer('frame', { hoursSinceInjury: value === null ? undefined : value / HOUR })
}

function pickMinutes(choice: number): void {
  since(minutes.value === choice ? null : choice)
}
</script>

<template>
  <div class="ask">
    <h1>{{ about === 'history' ? t('touchlineAsk.ask') : t('touchlineAsk.beforeAnyStressTest') }}</h1>
    <template v-if="about === 'history'">
      <UiToggle
        v-for="item in asked"
        :key="item.key"
        :on="opening[item.key] === true"
        @toggle="toggle('opening', item.key, true)"
      >
        {{ item.ask }}
      </UiToggle>
      <fieldset v-if="fresh">
        <legend>{{ t('touchlineAsk.minutesSinceTheInjury') }}</legend>
        <UiChoice
          :label="t('touchlineAsk.minutesSinceTheInjury')"
          :value="minutes"
          :options="MINUTES"
          @pick="pickMinutes"
        />
        <UiNumber
          :label="t('touchlineAsk.otherInMinutes')"
          :value="minutes ?? undefined"
          :least="0"
          :most="2880"
          whole
          unit="minutes"
          @change="(value) => since(value ?? null)"
        />
      </fieldset>
    </template>
    <AskedList :questions="questions" :answers="answers" @answer="(key, value) => toggle(section, key, value)" />
    <UiButton @click="none(section, questions)">{{ t('touchlineAsk.noneOfThese') }}</UiButton>
    <template v-if="about === 'history'">
      <h2>{{ t('touchlineAsk.painNow0To10') }}</h2>
      <PainStrip
        :value="asNumber(answers.painNow)"
        :label="t('touchlineAsk.painNow')"
        @pick="(value) => toggle('history', 'painNow', value)"
      />
    </template>
  </div>
</template>

<style scoped>
.ask {
  display: grid;
  gap: 12px;
}
.ask > .choice,
.ask > .button {
  min-height: 56px;
}
fieldset {
  display: grid;
  gap: 8px;
  margin: 0;
  padding: 0;
  border: 0;
}
legend {
  margin-bottom: 6px;
  padding: 0;
  font-weight: 680;
}
</style>
