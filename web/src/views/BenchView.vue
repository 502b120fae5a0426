<script setup lang="ts">
import { refAutoReset, useMediaQuery } from '@vueuse/core'
import { computed, onMounted, ref, useTemplateRef, watch } from 'vue'
import { useRouter } from 'vue-router'
import BenchFoot from '@/bench/BenchFoot.vue'
import BenchHead from '@/bench/BenchHead.vue'
import ChancesPanel from '@/bench/ChancesPanel.vue'
import GatePanel from '@/bench/asking/GatePanel.vue'
import JumpDialog from '@/bench/JumpDialog.vue'
import KeysDialog from '@/bench/KeysDialog.vue'
import LeadingStrip from '@/bench/LeadingStrip.vue'
import ManoeuvrePanel from '@/bench/ManoeuvrePanel.vue'
import MeaningStrip from '@/bench/MeaningStrip.vue'
import ProblemsBar from '@/bench/ProblemsBar.vue'
import RouteRail from '@/bench/RouteRail.vue'
import SafetyLines from '@/bench/SafetyLines.vue'
import StoryChances from '@/bench/asking/StoryChances.vue'
import StoryPanel from '@/bench/asking/StoryPanel.vue'
import { GATE, type Place, STORY, route, samePlace } from '@/bench/places'
import { useBenchKeys } from '@/bench/useBenchKeys'
import { useHold } from '@/bench/useHold'
import { useRecorder } from '@/bench/useRecorder'
import { inOneLine } from '@/bench/written'
import type { ConditionId, Payload, Side } from '@/contract/types'
import EvidenceChain from '@/plateau/EvidenceChain.vue'
import { useCatalogue } from '@/stores/catalogue'
import { useExamination } from '@/stores/examination'
import UiSheet from '@/ui/UiSheet.vue'

const props = defineProps<{ id: string }>()
const router = useRouter()
const catalogue = useCatalogue()
const examination = useExamination()

/** Long enough to read a line (ms). */
const SAID_FOR = 6000

const place = ref<Place>(STORY)
const activeSide = ref<Side>('left')
const picked = ref<ConditionId | null>(null)
const open = ref<'keys' | 'jump' | null>(null)
const plateauOpen = ref(false)
const railOpen = ref(false)
const problem = ref('')
/** For those who listen: changes that happen away from where the hand is. */
const said = refAutoReset('', SAID_FOR)
const middle = useTemplateRef<HTMLElement>('middle')
/** Without room beside the middle, the picture lies in a sheet; on a phone the route does as well. */
const narrow = useMediaQuery('(max-width: 1180px)')
const phone = useMediaQuery('(max-width: 640px)')

const ready = computed(
  () => catalogue.catalogue !== null && examination.head?.id === props.id && examination.assessment !== null,
)
const places = computed(() => (examination.assessment ? route(examination.assessment.route) : []))
const manoeuvre = computed(() => (place.value.kind === 'manoeuvre' ? catalogue.manoeuvre(place.value.id) : null))
const recorder = useRecorder(manoeuvre)
const { hold, canRecord } = useHold(manoeuvre)
const emergency = computed(
  () => examination.assessment?.safety.lines.some((line) => line.urgency === 'emergency') ?? false,
)
/** The line that holds back this very manoeuvre is told in its place. */
const alarms = computed(() =>
  (examination.assessment?.safety.lines ?? []).filter(
    (line) => line.urgency === 'emergency' || (line.urgency === 'same_day' && hold.value?.rule !== line.rule),
  ),
)

async function load(): Promise<void> {
  try {
    await Promise.all([catalogue.load(), examination.open(props.id)])
    if (examination.head?.status === 'signed') return void router.replace({ name: 'summary', params: { id: props.id } })
    activeSide.value = examination.otherSide
    problem.value = ''
  } catch (error) {
    problem.value = error instanceof Error ? error.message : 'The examination could not be opened.'
  }
}

function go(to: Place): void {
  said.value = ''
  place.value = to
  railOpen.value = plateauOpen.value = false
  activeSide.value = examination.otherSide
}

function step(by: number): void {
  const at = places.value.findIndex((p) => samePlace(p, place.value))
  go(at < 0 ? nextOpen() : (places.value[Math.min(Math.max(at + by, 0), places.value.length - 1)] ?? STORY))
}

/** From beside the route one comes back to the first thing on it that is not done. */
function nextOpen(): Place {
  return (
    places.value.find(
      (p) =>
        p.kind === 'manoeuvre' && !examination.isDone(p.id, examination.hurtSide) && !examination.isDone(p.id, 'both'),
    ) ?? STORY
  )
}

function station(by: number): void {
  const stationOf = (p: Place) => (p.kind === 'manoeuvre' ? catalogue.manoeuvre(p.id).station : p.kind)
  const order = [...new Set(places.value.map(stationOf))]
  const target = order[Math.min(Math.max(order.indexOf(stationOf(place.value)) + by, 0), order.length - 1)]
  go(places.value.find((p) => stationOf(p) === target) ?? STORY)
}

/** Fills both knees, goes on and says what it wrote; what is held is said, and stays in sight. */
function fill(payload: Payload): void {
  if (isHeld() || !manoeuvre.value) return
  const { name } = manoeuvre.value.card
  const written = recorder.fill(payload)
  step(1)
  said.value = inOneLine(name, payload, written)
}

/** Nothing pressed is lost in silence. */
function isHeld(): boolean {
  if (!canRecord.value && manoeuvre.value)
    said.value = `${manoeuvre.value.card.name} is held back: nothing was recorded. The reason stands in its place.`
  return !canRecord.value
}

function chooseBand(band: string): void {
  if (isHeld()) return
  activeSide.value = examination.hurtSide
  recorder.chooseBand(band)
}

function change(part: Payload): void {
  if (!isHeld()) recorder.change(part, manoeuvre.value?.bothAtOnce ? 'both' : activeSide.value)
}

function weigh(condition: ConditionId): void {
  void router.push({ name: 'weigh', params: { id: props.id, condition } })
}

/** Where a part is entered: a manoeuvre, the gate, or the story. */
function goToPart(part: string): void {
  const [name = '', side] = part.split(':')
  go(side ? { kind: 'manoeuvre', id: name } : name === 'safety' ? GATE : STORY)
}

/** What was taken back is shown, so that nothing changes out of sight. */
function undo(): void {
  const part = examination.undo()
  if (part === null) return
  if (part !== 'frame') goToPart(part)
  said.value = 'Taken back.'
}

useBenchKeys({
  bothNormal: () => fill({ normal: true }),
  band: (index) => recorder.has('differenceBand') && chooseBand(catalogue.catalogue?.bands[index]?.id ?? 'same'),
  endFeel: (word) => recorder.has('endFeel') && change({ endFeel: word }),
  checksPassed: () => {
    const checks = manoeuvre.value?.checks ?? []
    if (checks.length > 0) change({ checks: Object.fromEntries(checks.map((check) => [check, true])) })
  },
  knee: (which) => {
    activeSide.value = which === 'hurt' ? examination.hurtSide : examination.otherSide
    middle.value
      ?.querySelector<HTMLElement>(`.knee${which === 'hurt' ? '.hurt' : ':not(.hurt)'}`)
      ?.focus({ preventScroll: true })
  },
  step,
  station,
  weighUp: () => {
    const focused = document.activeElement?.closest<SVGElement>('[data-condition]')?.dataset.condition
    if (focused) return weigh(focused as ConditionId)
    const feeds = manoeuvre.value?.feeds ?? []
    const condition =
      examination.assessment?.trace.find((t) => feeds.includes(t.finding))?.condition ?? examination.byChance[0]?.id
    if (condition) weigh(condition)
  },
  jump: () => (open.value = 'jump'),
  undo,
  memory: () => (examination.fromMemory = !examination.fromMemory),
  help: () => (open.value = 'keys'),
  close: () => (plateauOpen.value = railOpen.value = false),
})

watch(
  () => examination.merged,
  (part) => part && (said.value = 'Another tab or person answered other questions here; both are kept.'),
)
watch(() => props.id, load)
watch(place, () => middle.value?.scrollTo({ top: 0 }))
onMounted(load)
</script>

<template>
  <main v-if="problem && !ready" class="lost" role="alert">
    <h1>This examination cannot be opened</h1>
    <p>{{ problem }}</p>
    <p>
      <button class="button" type="button" @click="load">Try again</button>
      <RouterLink class="button" to="/">Back to today</RouterLink>
    </p>
  </main>
  <div v-else-if="ready && examination.head" class="bench">
    <BenchHead
      class="head"
      :plateau-open="plateauOpen"
      @plateau="plateauOpen = !plateauOpen"
      @summary="router.push({ name: 'summary', params: { id } })"
    />
    <LeadingStrip class="strip" :rail-open="railOpen" @rail="railOpen = !railOpen" />
    <UiSheet v-if="phone" v-model="railOpen" title="Route" side="left">
      <RouteRail :place="place" @go="go" />
    </UiSheet>
    <RouteRail v-else class="rail" :place="place" @go="go" />
    <main ref="middle" class="middle">
      <ProblemsBar @go="goToPart" />
      <SafetyLines v-if="place.kind !== 'gate'" class="alarm" :lines="alarms">
        <RouterLink v-if="emergency" class="button" :to="{ name: 'emergency', params: { id } }">
          Open the hand-over
        </RouterLink>
      </SafetyLines>
      <template v-if="place.kind === 'story'">
        <h1>Story</h1>
        <StoryPanel />
      </template>
      <template v-else-if="place.kind === 'gate'">
        <h1>Safety gate</h1>
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
    <p class="said" role="status">{{ said }}</p>
    <StoryChances v-if="place.kind === 'story'" class="meaning" />
    <MeaningStrip v-else-if="manoeuvre" class="meaning" :manoeuvre="manoeuvre" />
    <UiSheet v-if="narrow" v-model="plateauOpen" title="Chances" side="right">
      <ChancesPanel @pick="(condition) => (picked = condition)" @go="go" />
    </UiSheet>
    <ChancesPanel v-else class="picture" @pick="(condition) => (picked = condition)" @go="go" />
    <BenchFoot
      class="foot"
      :can-record="canRecord"
      :can-undo="examination.undoable.length > 0"
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
    v-if="picked && examination.assessment"
    :assessment="examination.assessment"
    :condition="picked"
    @close="picked = null"
    @weigh="weigh(picked)"
  />
  <KeysDialog v-if="open === 'keys'" @close="open = null" />
  <JumpDialog
    v-if="open === 'jump'"
    @close="open = null"
    @go="
      (to) => {
        open = null
        go({ kind: 'manoeuvre', id: to })
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
.said {
  position: fixed;
  z-index: 3;
  left: 50%;
  bottom: 84px;
  transform: translateX(-50%);
  padding: 10px 16px;
  color: var(--on-band);
  background: var(--band);
  border-radius: var(--radius);
}
.said:empty {
  display: none;
}
.lost {
  display: grid;
  gap: 14px;
  padding: 60px;
  justify-items: start;
}
@media (max-width: 1180px) {
  .bench {
    grid-template: 'head head' 56px 'rail middle' minmax(0, 1fr) 'rail meaning' auto 'foot foot' auto / 190px minmax(
        0,
        1fr
      );
  }
}
@media (max-width: 640px) {
  .bench {
    grid-template: 'head' 52px 'strip' 52px 'middle' minmax(0, 1fr) 'meaning' auto 'foot' auto / minmax(0, 1fr);
  }
  .strip {
    grid-area: strip;
  }
  .middle {
    padding: 10px 12px;
    border: 0;
  }
}
</style>
