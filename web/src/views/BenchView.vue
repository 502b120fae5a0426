<script setup lang="ts">
import { computed, nextTick, ref, useTemplateRef, watch, defineAsyncComponent } from 'vue'
import { useRouter } from 'vue-router'
import BenchFoot from '@/bench/BenchFoot.vue'
import BenchHead from '@/bench/BenchHead.vue'
import ChancesPanel from '@/bench/ChancesPanel.vue'
import GatePanel from '@/bench/asking/GatePanel.vue'
import JumpDialog from '@/bench/JumpDialog.vue'
import KeysDialog from '@/bench/keys/KeysDialog.vue'
import LeadingStrip from '@/bench/LeadingStrip.vue'
import ManoeuvrePanel from '@/bench/ManoeuvrePanel.vue'
import MeaningStrip from '@/bench/MeaningStrip.vue'
import BegunBar from '@/bench/BegunBar.vue'
import ProblemsBar from '@/bench/ProblemsBar.vue'
import RouteRail from '@/bench/RouteRail.vue'
import SafetyLines from '@/bench/SafetyLines.vue'
import HistoryChances from '@/bench/asking/HistoryChances.vue'
import HistoryPanel from '@/bench/asking/HistoryPanel.vue'
import { usePlaceInHistory } from '@/bench/route/usePlaceInHistory'
import { useRoute } from '@/bench/route/useRoute'
import { useBenchKeys } from '@/bench/keys/useBenchKeys'
import { useKeys } from '@/bench/keys/useKeys'
import { useHands } from '@/bench/useHands'
import type { ConditionId, Side } from '@/contract/types'
import { refusedFigure } from '@/figures/refusedFigures'
import { t } from '@/messages/views'
import EvidenceChain from '@/plateau/EvidenceChain.vue'
import { useScreen } from '@/shared/screen'
import { useExamination } from '@/stores/examination'
import { useOpenExamination } from '@/stores/openExamination'
import { useUndo } from '@/stores/undo'
import { useOpen } from '@/stores/useOpen'
import { useVerdict } from '@/stores/verdict'
import UiButton from '@/ui/UiButton.vue'
import UiSheet from '@/ui/UiSheet.vue'
import { hush, tell } from '@/ui/telling'

const props = defineProps<{ id: string }>()

const ReferenceResultDialog = defineAsyncComponent(() => import('@/people/ReferenceResultDialog.vue'))

const router = useRouter()
const examination = useExamination()
const opened = useOpenExamination()
const undoable = useUndo()
const verdict = useVerdict()

const activeSide = ref<Side>('left')
const picked = ref<ConditionId | null>(null)
const open = ref<'keys' | 'jump' | 'result' | null>(null)
const plateauOpen = ref(false)
const railOpen = ref(false)
const middle = useTemplateRef<HTMLElement>('middle')
/** Without room beside the middle, the picture lies in a sheet; on a phone the route does as well. */
const narrow = useScreen('narrow')
const phone = useScreen('phone')

/** The knee is judged anew by what was entered. */
async function takeUpResult(): Promise<void> {
  open.value = null
  await load()
}

const { place, manoeuvre, go, step, station, goToPart } = useRoute({
  mayLeave,
  moved: () => {
    hush()
    railOpen.value = plateauOpen.value = false
    activeSide.value = opened.otherSide
  },
})
const { ready, problem, load } = useOpen({
  id: () => props.id,
  anew: true,
  elsewhere: ({ id, status }) => (status === 'signed' ? { name: 'summary', params: { id } } : null),
  afterwards: () => {
    activeSide.value = opened.otherSide
  },
})
usePlaceInHistory({ place, go, ready })
const { hold, canRecord, fill, chooseBand, chooseBandAt, feel, passChecks, undo } = useHands({
  manoeuvre,
  activeSide,
  step,
  goToPart,
})
const emergency = computed(() => verdict.assessment?.safety.lines.some((line) => line.urgency === 'emergency') ?? false)
/** The line that holds back this very manoeuvre is told in its place. */
const alarms = computed(() =>
  (verdict.assessment?.safety.lines ?? []).filter(
    (line) => line.urgency === 'emergency' || (line.urgency === 'same_day' && hold.value?.rule !== line.rule),
  ),
)

/** A figure that was refused stays in sight until it is corrected or cleared. */
function mayLeave(): boolean {
  if (refusedFigure.value !== '')
    tell(t('benchView.correctOrClearTheFigureFirst', { refusedFigure: refusedFigure.value }))
  return refusedFigure.value === ''
}

function weigh(condition: ConditionId): void {
  void router.push({ name: 'weigh', params: { id: props.id, condition } })
}

function focusKnee(which: 'other' | 'hurt'): void {
  activeSide.value = which === 'hurt' ? opened.hurtSide : opened.otherSide
  middle.value
    ?.querySelector<HTMLElement>(`.knee${which === 'hurt' ? '.hurt' : ':not(.hurt)'}`)
    ?.focus({ preventScroll: true })
}

/** Of the structure that has the focus, else of what this manoeuvre moves most, else of the likeliest. */
function weighHere(): void {
  if (opened.head?.isBaseline) return
  const focused = document.activeElement?.closest<SVGElement>('[data-condition]')?.dataset.condition
  const feeds = manoeuvre.value?.feeds ?? []
  const moved = verdict.assessment?.trace.find((step) => feeds.includes(step.finding))?.condition
  const condition = (focused as ConditionId | undefined) ?? moved ?? verdict.byChance[0]?.id
  if (condition) weigh(condition)
}

useBenchKeys({
  actionOf: useKeys().actionOf,
  actions: {
    bothNormal: () => fill({ normal: true }),
    same: () => chooseBandAt(0),
    slight: () => chooseBandAt(1),
    clear: () => chooseBandAt(2),
    gross: () => chooseBandAt(3),
    firm: () => feel('firm'),
    soft: () => feel('soft'),
    absent: () => feel('absent'),
    hard: () => feel('hard'),
    springy: () => feel('springy'),
    checksPassed: passChecks,
    otherKnee: () => focusKnee('other'),
    hurtKnee: () => focusKnee('hurt'),
    next: () => step(1),
    back: () => step(-1),
    stationNext: () => station(1),
    stationBack: () => station(-1),
    weighUp: weighHere,
    jump: () => (open.value = 'jump'),
    undo,
    memory: () => (examination.fromMemory = !examination.fromMemory),
    help: () => (open.value = 'keys'),
  },
  close: () => (plateauOpen.value = railOpen.value = false),
})

watch(
  () => examination.merged,
  (part) => part && tell(t('benchView.anotherTabOrPersonAnsweredOther')),
)
/** A step begins at its heading: a screen reader tells it, and no control has the focus yet. */
watch(place, async () => {
  await nextTick()
  middle.value?.scrollTo({ top: 0 })
  const heading = middle.value?.querySelector<HTMLElement>('h1')
  heading?.setAttribute('tabindex', '-1')
  heading?.focus({ preventScroll: true })
})
</script>

<template>
  <main v-if="problem && !ready" class="lost" role="alert">
    <h1>{{ t('benchView.thisExaminationCannotBeOpened') }}</h1>
    <p>{{ problem }}</p>
    <p>
      <UiButton @click="load">{{ t('benchView.tryAgain') }}</UiButton>
      <UiButton to="/">{{ t('benchView.backToToday') }}</UiButton>
    </p>
  </main>
  <div v-else-if="ready && opened.head" class="bench">
    <BenchHead
      class="head"
      :plateau-open="plateauOpen"
      @plateau="plateauOpen = !plateauOpen"
      @summary="mayLeave() && router.push({ name: 'summary', params: { id } })"
    />
    <LeadingStrip class="strip" :rail-open="railOpen" @rail="railOpen = !railOpen" />
    <UiSheet v-if="phone" v-model="railOpen" :title="t('benchView.route')" side="left">
      <RouteRail :place="place" @go="go" />
    </UiSheet>
    <RouteRail v-else class="rail" :place="place" @go="go" />
    <main ref="middle" class="middle">
      <BegunBar />
      <ProblemsBar @go="goToPart" />
      <SafetyLines v-if="place.kind !== 'gate'" class="alarm" :lines="alarms">
        <UiButton v-if="emergency" :to="{ name: 'emergency', params: { id } }">
          {{ t('benchView.openTheHandOver') }}
        </UiButton>
      </SafetyLines>
      <template v-if="place.kind === 'history'">
        <h1>{{ t('benchView.history') }}</h1>
        <HistoryPanel @enter-result="open = 'result'" />
      </template>
      <template v-else-if="place.kind === 'gate'">
        <h1>{{ t('benchView.safetyCheck') }}</h1>
        <GatePanel />
      </template>
      <ManoeuvrePanel
        v-else-if="manoeuvre"
        :manoeuvre="manoeuvre"
        :active-side="activeSide"
        @activate="(side) => (activeSide = side)"
        @band="chooseBand"
      />
    </main>
    <HistoryChances v-if="place.kind === 'history' && !opened.head?.isBaseline" class="meaning" />
    <MeaningStrip v-else-if="manoeuvre" class="meaning" :manoeuvre="manoeuvre" />
    <UiSheet v-if="narrow" v-model="plateauOpen" :title="t('benchView.chances')" side="right">
      <ChancesPanel @pick="(condition) => (picked = condition)" @go="go" />
    </UiSheet>
    <ChancesPanel v-else class="picture" @pick="(condition) => (picked = condition)" @go="go" />
    <BenchFoot
      class="foot"
      :can-record="canRecord"
      :can-undo="!undoable.isEmpty"
      :from-memory="examination.fromMemory"
      @memory="examination.fromMemory = !examination.fromMemory"
      @normal="fill({ normal: true })"
      @not-done="(reason) => fill({ notDone: reason })"
      @undo="undo"
      @next="step(1)"
      @help="open = 'keys'"
    />
  </div>
  <EvidenceChain
    v-if="picked && verdict.assessment"
    :assessment="verdict.assessment"
    :condition="picked"
    @close="picked = null"
    @weigh="weigh(picked)"
  />
  <ReferenceResultDialog
    v-if="open === 'result' && opened.head"
    :episode="opened.head.episode"
    @close="open = null"
    @saved="takeUpResult"
  />
  <KeysDialog v-if="open === 'keys'" @close="open = null" />
  <JumpDialog
    v-if="open === 'jump'"
    @close="open = null"
    @go="
      (to) => {
        open = null
        go(to)
      }
    "
  />
</template>

<style scoped>
.bench {
  display: grid;
  grid-template:
    'head head head' 56px 'rail middle picture' minmax(0, 1fr)
    'rail meaning picture' auto 'foot foot foot' auto / 226px minmax(0, 1fr) 404px;
  height: 100dvh;
}
.head {
  grid-area: head;
}
.rail {
  grid-area: rail;
}
.middle {
  grid-area: middle;
  overflow-y: auto;
  padding: 12px 24px;
  background: var(--card);
  border: solid var(--line);
  border-width: 0 1px;
}
/* Focused by the route, to be read out; it is no control. */
.middle :deep(h1:focus) {
  outline: none;
}
.middle > h1 {
  margin-bottom: 14px;
}
.meaning {
  grid-area: meaning;
}
.alarm {
  margin-bottom: 14px;
}
.picture {
  grid-area: picture;
}
.foot {
  grid-area: foot;
}
.lost {
  display: grid;
  gap: 14px;
  padding: 60px;
  justify-items: start;
}
@media (--wide) {
  .bench {
    grid-template-columns: 280px minmax(0, 1fr) 560px;
  }
}
@media (--narrow) {
  .bench {
    grid-template: 'head head' 56px 'rail middle' minmax(0, 1fr) 'rail meaning' auto 'foot foot' auto / 190px minmax(
        0,
        1fr
      );
  }
}
@media (--phone) {
  .bench {
    grid-template:
      'head' minmax(52px, auto) 'strip' 52px 'middle' minmax(0, 1fr) 'meaning' auto 'foot' auto
      / minmax(0, 1fr);
  }
  .strip {
    grid-area: strip;
  }
  .middle {
    padding: 10px 12px;
    border: 0;
  }
}
@media (--low) {
  .bench {
    height: auto;
    min-height: 100dvh;
  }
  .middle {
    overflow: visible;
  }
}
</style>
