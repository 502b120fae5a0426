<script setup lang="ts">
import { computed, defineAsyncComponent, ref } from 'vue'
import type { Field, FigureSource, FigureSources, RecordPayload, Payload, Side, Value } from '@/contract/types'
import { mayHaveSensor } from '@/instruments/useSensor'
import { t } from '@/messages/bench'
import { asAnswer, asCells, asNumber, asText, asWords } from '@/shared/values'
import type { ArcName } from './arcs'
import BandPicker from './BandPicker.vue'
import CellBoard from './CellBoard.vue'
import DegreeArc from './DegreeArc.vue'
import EndFeelPicker from './EndFeelPicker.vue'
import FlagPicker from './FlagPicker.vue'
import JointLinePoints from './JointLinePoints.vue'
import LandmarkPicture from './LandmarkPicture.vue'
import NumberRule from './NumberRule.vue'
import PainStrip from './PainStrip.vue'
import SweepWave from './SweepWave.vue'
import WordPicker from './WordPicker.vue'
import UiButton from '@/ui/UiButton.vue'

/** The control of one field: the catalogue says which. */
const props = defineProps<{
  field: Field
  payload: RecordPayload
  /** What was found on the other side, where the knees are entered one by one. */
  across?: RecordPayload | undefined
  /** The figure of the last visit. */
  last?: number | undefined
  /** The figure of the same knee while it was sound. */
  sound?: number | undefined
  knee: string
  side: Side | 'both'
  /** Of the hurt knee. */
  hurt?: boolean
  lead?: boolean
}>()
const emit = defineEmits<{ change: [part: Payload] }>()

const AngleDialog = defineAsyncComponent(() => import('@/instruments/AngleDialog.vue'))
const SourceLine = defineAsyncComponent(() => import('@/instruments/SourceLine.vue'))

const MM_SHOWN = 20
const MOST_BEND = 170
/** A scale up to so much is told in hundredths. */
const FINEST_TO = 2
const FINE = 0.05
const ARCS: Partial<Record<Field['widget'], ArcName>> = {
  arc_bend: 'bend',
  arc_over: 'over',
  arc_turn: 'turn',
}
/** Their controls carry words of their own; the distance does where it is what the manoeuvre is about. */
const speaksForItself = computed(
  () =>
    ['end_feel', 'bands'].includes(props.field.widget) ||
    (props.lead && props.field.unit === 'mm' && !props.field.seldom),
)
/** Short answers stand beside their question. */
const beside = computed(() => props.field.widget === 'pain' || props.field.widget === 'yes_no')
/** What a tap moves a figure by: as fine as a hand or a tape can tell. */
const step = computed(() => ((props.field.most ?? MM_SHOWN) <= FINEST_TO ? FINE : props.field.unit === 'cm' ? 0.5 : 1))
const value = computed<Value>(() => (props.payload as Payload)[props.field.name])
const acrossValue = computed<Value>(() => (props.across as Payload | undefined)?.[props.field.name])
const label = computed(() => `${props.field.label}, ${props.knee}`)
const arc = computed(() => ARCS[props.field.widget])

/** What the sensor of this device can read. */
const angle = computed(() => {
  const { instrument } = props.field
  return (instrument === 'incline' || instrument === 'turn') && mayHaveSensor() ? instrument : null
})
const isMeasuring = ref(false)
const source = computed(() => props.payload.by?.[props.field.name])

function takeAngle(degrees: number, from: FigureSource): void {
  const by: FigureSources = { ...props.payload.by, [props.field.name]: from }
  emit('change', { [props.field.name]: degrees, by })
}

function set(next: Value): void {
  emit('change', { [props.field.name]: next })
}

/** A second tap on the same choice takes it back. */
function toggle(next: Value): void {
  set(value.value === next ? undefined : next)
}

function toggleAmong(word: string): void {
  const now = asWords(value.value) ?? []
  set(now.includes(word) ? now.filter((other) => other !== word) : [...now, word])
}
</script>

<template>
  <div class="input" :class="{ beside, flag: field.widget === 'yes_no' }" :data-field="field.name">
    <h3 :class="{ unseen: speaksForItself }">
      {{ field.label }}
      <small v-if="field.hint">{{ field.hint }}</small>
    </h3>
    <BandPicker v-if="field.widget === 'bands'" :value="asText(value)" @pick="toggle" />
    <EndFeelPicker v-else-if="field.widget === 'end_feel'" :value="asText(value)" :words="field.words" @pick="toggle" />
    <PainStrip v-else-if="field.widget === 'pain'" :value="asNumber(value)" :label="label" @pick="toggle" />
    <template v-else-if="field.kind === 'number'">
      <DegreeArc
        v-if="arc"
        :value="asNumber(value)"
        :across="asNumber(acrossValue)"
        :least="field.least ?? 0"
        :most="field.most ?? MOST_BEND"
        :kind="arc"
        @change="set"
      />
      <NumberRule
        :value="asNumber(value)"
        :last="last"
        :sound="sound"
        :least="field.least ?? 0"
        :most="field.most ?? MM_SHOWN"
        :unit="field.unit"
        :label="label"
        :stretch="field.unit === 'mm' ? MM_SHOWN : (field.most ?? MM_SHOWN)"
        :step="step"
        @change="set"
      />
      <SourceLine
        v-if="source"
        :source="source"
        :value="asNumber(value)"
        :unit="field.unit"
        :is-hurt="hurt === true"
        :across="across?.by?.[field.name]"
      />
      <UiButton v-if="angle" @click="isMeasuring = true">{{ t('fieldInput.measureBySensor') }}</UiButton>
      <AngleDialog
        v-if="angle && isMeasuring"
        :label="label"
        :kind="angle"
        :least="field.least ?? 0"
        :most="field.most ?? MOST_BEND"
        :across="asNumber(acrossValue)"
        @take="takeAngle"
        @close="isMeasuring = false"
      />
    </template>
    <SweepWave
      v-else-if="field.widget === 'wave'"
      :value="asText(value)"
      :words="field.words"
      :label="label"
      @pick="toggle"
    />
    <JointLinePoints
      v-else-if="field.widget === 'joint_line'"
      :value="asWords(value)"
      :words="field.words"
      :side="side"
      :label="label"
      @pick="toggleAmong"
      @none="set([])"
    />
    <LandmarkPicture
      v-else-if="field.widget === 'landmarks'"
      :value="asWords(value)"
      :words="field.words"
      :side="side"
      :label="label"
      @pick="toggleAmong"
      @none="set([])"
    />
    <FlagPicker v-else-if="field.widget === 'yes_no'" :value="asAnswer(value)" :label="label" @pick="toggle" />
    <CellBoard v-else-if="field.widget === 'board'" :value="asCells(value)" @change="set" />
    <WordPicker
      v-else-if="field.kind === 'words'"
      :value="asWords(value)"
      :words="field.words"
      :label="label"
      many
      @pick="toggleAmong"
    />
    <WordPicker v-else :value="asText(value)" :words="field.words" :label="label" @pick="toggle" />
  </div>
</template>

<style scoped>
h3 {
  margin: 0 0 4px;
  font-size: var(--type-note);
  font-weight: 600;
  color: var(--text-2);
}
.beside {
  display: grid;
  grid-template-columns: auto minmax(0, 1fr);
  gap: 8px;
  align-items: center;
}
.beside.flag {
  grid-template-columns: minmax(0, 2fr) minmax(0, 3fr);
}
.beside h3 {
  margin: 0;
  line-height: 1.2;
}
h3 small {
  margin-left: 6px;
  font-weight: 400;
  color: var(--text-3);
}
</style>
