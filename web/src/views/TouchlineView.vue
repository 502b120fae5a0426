<script setup lang="ts">
import { computed, onMounted, ref, useTemplateRef, watch } from 'vue'
import ManoeuvrePanel from '@/bench/ManoeuvrePanel.vue'
import PlayVerdict from '@/bench/PlayVerdict.vue'
import BegunBar from '@/bench/BegunBar.vue'
import ProblemsBar from '@/bench/ProblemsBar.vue'
import SafetyLines from '@/bench/SafetyLines.vue'
import UnjudgedAlarms from '@/bench/UnjudgedAlarms.vue'
import UnjudgedNotice from '@/bench/UnjudgedNotice.vue'
import TouchlineAsk from '@/bench/asking/TouchlineAsk.vue'
import { useSteps } from '@/bench/route/useSteps'
import { useHold } from '@/bench/useHold'
import { useRecorder } from '@/bench/useRecorder'
import type { Payload } from '@/contract/types'
import JudgeState from '@/frame/JudgeState.vue'
import SaveState from '@/frame/SaveState.vue'
import { keeping, warmJudge } from '@/judge'
import { t } from '@/messages/views'
import { useOutdoorLook } from '@/shared/look'
import { inWords } from '@/stores/words'
import { useCatalogue } from '@/stores/catalogue'
import { useExamination } from '@/stores/examination'
import { useOpenExamination } from '@/stores/openExamination'
import { useUndo } from '@/stores/undo'
import { useOpen } from '@/stores/useOpen'
import { useVerdict } from '@/stores/verdict'
import { tell } from '@/ui/telling'
import UiButton from '@/ui/UiButton.vue'
import { kneeOf } from '@/shared/words'

/** The touchline route, one thing at a time, for one hand in bright light; at its end, whether they go on. */
const props = defineProps<{ id: string }>()
const catalogue = useCatalogue()
const examination = useExamination()
const opened = useOpenExamination()
const undoable = useUndo()
const verdict = useVerdict()
useOutdoorLook()
// Here the network goes first.
onMounted(() => void warmJudge())

const reasonsOpen = ref(false)
const body = useTemplateRef<HTMLElement>('body')
const { at, steps, step, manoeuvre, go, goToPart, goToAnswer, goOn } = useSteps()
const { ready, problem } = useOpen({
  id: () => props.id,
  elsewhere: ({ id, status }) =>
    status === 'signed'
      ? { name: 'summary', params: { id } }
      : opened.section('frame').route !== 'touchline'
        ? { name: 'bench', params: { id } }
        : null,
})
/** Before anything can be pressed, and not again: what loads late moves nobody past a question. */
watch(ready, (isThere) => isThere && goOn(), { immediate: true })
const { canRecord } = useHold(manoeuvre)
const recorder = useRecorder(manoeuvre, { hurtOnly: true })
/** A normal test without this one check says less, so it is asked with the same tap. */
const tick = computed(() => manoeuvre.value?.tick ?? null)
const urgent = computed(() =>
  (verdict.assessment?.safety.lines ?? []).filter(
    (line) => line.urgency === 'emergency' || line.urgency === 'same_day',
  ),
)
/** What ends the question already; an answer that some entry is not part of yet ends nothing. */
const settledBy = computed(() => (examination.isAhead ? null : (verdict.assessment?.plan.playSettledBy ?? null)))
/** Stands above the footer's buttons, so that its coming moves none of them under a finger. */
const mayAnswer = computed(() => step.value !== 'answer' && (settledBy.value !== null || urgent.value.length > 0))
const recorded = computed(() => manoeuvre.value !== null && opened.isRecorded(manoeuvre.value.id))

function fill(payload: Payload): void {
  recorder.fill(payload)
  go(1)
}

/** What was taken back is shown, so that nothing changes out of sight. */
function undo(): void {
  const part = examination.undo()
  if (part === null) return
  goToPart(part)
  tell(t('touchlineView.undone'))
}

watch(step, () => {
  reasonsOpen.value = false
  body.value?.scrollTo({ top: 0 })
})
</script>

<template>
  <main v-if="problem && !ready" class="touchline" role="alert">
    <h1>{{ t('touchlineView.thisExaminationCannotBeOpened') }}</h1>
    <p>{{ problem }}</p>
    <UiButton to="/">{{ t('touchlineView.backToToday') }}</UiButton>
  </main>
  <div v-else-if="ready && opened.head" class="touchline">
    <header>
      <p>
        <b>{{ opened.head.athlete.name }}</b>
        <span>{{ kneeOf(opened.hurtSide) }}</span>
      </p>
      <SaveState :state="examination.saveState" class="save" />
      <UiButton :to="{ name: 'bench', params: { id } }">{{ t('touchlineView.bench') }}</UiButton>
      <div
        class="way"
        role="progressbar"
        :aria-label="t('touchlineView.wayThroughTheRoute')"
        :aria-valuenow="at + 1"
        aria-valuemin="1"
        :aria-valuemax="steps.length"
        :aria-valuetext="t('touchlineView.stepOf', { at: at + 1, n: steps.length })"
      >
        <i v-for="(_, index) in steps" :key="index" :class="{ past: index <= at }" />
      </div>
    </header>
    <main ref="body" tabindex="-1">
      <ProblemsBar @go="goToPart" />
      <SafetyLines :lines="urgent" />
      <template v-if="step !== 'answer'">
        <UnjudgedAlarms />
        <UnjudgedNotice />
      </template>
      <BegunBar v-if="at === 0 || step === 'answer' || examination.begun?.refused" />
      <JudgeState v-if="at === 0 && keeping !== 'ready'" />
      <TouchlineAsk v-if="step === 'history' || step === 'gate'" :about="step" />
      <ManoeuvrePanel
        v-else-if="manoeuvre"
        :manoeuvre="manoeuvre"
        :active-side="opened.hurtSide"
        brief
        @band="recorder.chooseBand"
      />
      <template v-else>
        <h1>{{ t('touchlineView.goingOnToday') }}</h1>
        <UnjudgedAlarms />
        <UnjudgedNotice :older="t('touchlineView.theAnswerComesOnceTheyAre')" />
        <PlayVerdict v-if="!examination.isAhead" :plan="verdict.assessment!.plan" />
        <p class="quiet-text">{{ t('touchlineView.namesChancesNotADiagnosisYour') }}</p>
        <p class="onward">
          <UiButton :to="{ name: 'summary', params: { id } }">{{ t('touchlineView.summary') }}</UiButton>
          <UiButton
            v-if="urgent.some((line) => line.urgency === 'emergency')"
            kind="main"
            :to="{ name: 'emergency', params: { id } }"
          >
            {{ t('touchlineView.emergencyHandOver') }}
          </UiButton>
        </p>
      </template>
    </main>
    <div v-if="mayAnswer" class="settled">
      <p v-if="settledBy" role="status">
        <b>{{ t('touchlineView.stop') }}</b>
        {{ t('touchlineView.nothingTestedNowLetsTheAthlete', { settledBy }) }}
      </p>
      <UiButton :kind="settledBy ? 'main' : 'plain'" @click="goToAnswer">
        {{ t('touchlineView.seeTheAnswer') }}
      </UiButton>
    </div>
    <footer>
      <div
        v-if="reasonsOpen && canRecord"
        class="reasons"
        role="group"
        :aria-label="t('touchlineView.reasonItWasNotDone')"
      >
        <UiButton v-for="reason in catalogue.choices('notDone')" :key="reason" @click="fill({ notDone: reason })">
          {{ inWords(reason) }}
        </UiButton>
      </div>
      <UiButton :disabled="at === 0" @click="go(-1)">{{ t('touchlineView.back') }}</UiButton>
      <UiButton v-if="!undoable.isEmpty" @click="undo">{{ t('touchlineView.undo') }}</UiButton>
      <UiButton v-if="canRecord && !recorded" :aria-expanded="reasonsOpen" @click="reasonsOpen = !reasonsOpen">
        {{ t('touchlineView.notDone') }}
      </UiButton>
      <template v-if="canRecord && !recorded && tick">
        <UiButton @click="fill({ normal: true, checks: { [tick]: false } })">
          {{ t('touchlineView.normalButTense') }}
        </UiButton>
        <UiButton :kind="!settledBy ? 'main' : 'plain'" @click="fill({ normal: true, checks: { [tick]: true } })">
          {{ t('touchlineView.normal', { tick: inWords(tick).toLowerCase() }) }}
        </UiButton>
      </template>
      <UiButton
        v-else-if="canRecord && !recorded"
        :kind="!settledBy ? 'main' : 'plain'"
        @click="fill({ normal: true })"
      >
        {{ t('touchlineView.normalNext') }}
      </UiButton>
      <UiButton v-else-if="step !== 'answer'" :kind="!settledBy ? 'main' : 'plain'" @click="go(1)">
        {{ t('touchlineView.next') }}
      </UiButton>
    </footer>
  </div>
</template>

<style scoped>
.touchline {
  display: grid;
  grid-template-rows: auto minmax(0, 1fr) auto auto;
  height: 100dvh;
  max-width: 760px;
  margin: 0 auto;
  background: var(--card);
}
header {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 10px;
  padding: 8px 12px;
}
header p {
  display: grid;
  line-height: 1.2;
  min-width: 0;
}
header b {
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}
.save {
  margin-left: auto;
  white-space: normal;
}
.way {
  display: flex;
  flex-basis: 100%;
  gap: 3px;
}
.way i {
  flex: 1;
  height: 7px;
  border: 1px solid var(--ink);
  border-radius: 2px;
}
.way i.past {
  background: var(--ink);
}
.touchline > main {
  overflow-y: auto;
  display: flex;
  flex-direction: column;
  gap: 16px;
  padding: 12px;
  border-top: 2px solid var(--ink);
}
.settled {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px 14px;
  padding: 10px 12px;
  border-top: 3px solid var(--ink);
  font-size: var(--type-lead);
}
.settled p {
  flex: 1 1 220px;
}
.settled .button {
  flex: 1 0 130px;
  min-height: 60px;
}
.onward {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
footer {
  grid-row: 4;
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  padding: 10px 12px;
  border-top: 2px solid var(--ink);
  background: var(--paper);
}
footer .button {
  min-height: 60px;
  padding: 0 14px;
}
footer .main {
  flex: 1 0 130px;
  font-size: var(--type-head);
}
.reasons {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  flex-basis: 100%;
}
@media (--low) {
  .touchline {
    height: auto;
    min-height: 100dvh;
  }
  .touchline > main {
    overflow: visible;
  }
}
</style>
