<script setup lang="ts">
import { t } from '@/messages/bench'
import { asAnswer } from '@/shared/values'
import { computed, ref } from 'vue'
import { useOpenExamination } from '@/stores/openExamination'
import { useVerdict } from '@/stores/verdict'
import FlagPicker from '@/bench/inputs/FlagPicker.vue'
import SafetyLines from '@/bench/SafetyLines.vue'
import UnjudgedAlarms from '@/bench/UnjudgedAlarms.vue'
import UnjudgedNotice from '@/bench/UnjudgedNotice.vue'
import UiButton from '@/ui/UiButton.vue'
import KneeDialog from './KneeDialog.vue'
import { useQuestions } from './useQuestions'
import { useSections } from './useSections'

const opened = useOpenExamination()
const verdict = useVerdict()
const { toggle, none } = useSections()
const safety = computed(() => verdict.assessment?.safety)
const { gate, also, noneAlso } = useQuestions()
const answers = computed(() => opened.answers('safety'))
const changing = ref(false)
/** What still keeps the gate shut, in words. */
const waitsFor = computed(() => {
  const open = safety.value?.unasked.length ?? 0
  return [
    open > 0 && t('gatePanel.ofQuestionsAreStillToBe', { open, n: gate.value.length }),
    safety.value?.ageMissing && t('gatePanel.theAgeIsNotGiven'),
    safety.value?.dayMissing && t('gatePanel.theDayOfTheInjuryIs'),
  ]
    .filter(Boolean)
    .join('; ')
})
</script>

<template>
  <div class="gate">
    <UnjudgedAlarms />
    <SafetyLines :lines="verdict.assessment?.safety.lines ?? []" />
    <p v-if="verdict.assessment?.safety.gateOpen" class="state">
      <b>{{ t('gatePanel.complete') }}</b>
      {{ safety?.blocked.length ? t('gatePanel.someTestsAreWithheld') : t('gatePanel.noAnswerHereStopsTheStress') }}
    </p>
    <p v-else class="state">
      <b>{{ t('gatePanel.notComplete') }}</b>
      {{ t('gatePanel.drawerStressRotationAndLoadedTests', { waitsFor }) }}
      <UiButton v-if="safety?.dayMissing" @click="changing = true">{{ t('gatePanel.enterTheDay') }}</UiButton>
    </p>
    <KneeDialog v-if="changing" @close="changing = false" />
    <section aria-labelledby="before-pulling">
      <header>
        <h2 id="before-pulling">{{ t('gatePanel.beforeAnyStressTest') }}</h2>
        <UiButton @click="none('safety', gate)">{{ t('gatePanel.noneOfThese') }}</UiButton>
      </header>
      <ul>
        <li v-for="item in gate" :key="item.key">
          <span>{{ item.ask }}</span>
          <FlagPicker
            :value="asAnswer(answers[item.key])"
            :label="item.ask"
            @pick="(value) => toggle('safety', item.key, value)"
          />
        </li>
      </ul>
    </section>
    <section aria-labelledby="also">
      <header>
        <h2 id="also">{{ t('gatePanel.alsoCheck') }}</h2>
        <UiButton @click="none('safety', noneAlso)">{{ t('gatePanel.noneOfThese') }}</UiButton>
      </header>
      <ul>
        <li v-for="item in also" :key="item.key">
          <span>{{ item.ask }}</span>
          <FlagPicker
            :value="asAnswer(answers[item.key])"
            :label="item.ask"
            @pick="(value) => toggle('safety', item.key, value)"
          />
        </li>
      </ul>
    </section>
    <UnjudgedNotice class="waiting" />
  </div>
</template>

<style scoped>
.gate {
  display: grid;
  gap: 16px;
}
.state {
  padding: 10px 14px;
  background: var(--fill);
  border-radius: var(--radius);
}
/* Behind the questions, so that none moves under a finger when it comes and goes. */
.waiting {
  position: sticky;
  bottom: 8px;
}
header {
  display: flex;
  justify-content: space-between;
  align-items: center;
  margin-bottom: 6px;
}
section ul {
  display: grid;
  grid-template-columns: 1fr 1fr;
  column-gap: 26px;
}
section li {
  display: grid;
  grid-template-columns: 1fr 108px;
  gap: 10px;
  align-items: center;
  padding: 4px 0;
  border-top: 1px solid var(--line);
}
@media (--phone) {
  section ul {
    grid-template-columns: 1fr;
  }
}
</style>
