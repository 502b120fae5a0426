<script setup lang="ts">
import { computed } from 'vue'
import type { Field, Payload, Side } from '@/contract/types'
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

/** The control of one field: the catalogue says which. */
const props = defineProps<{ field: Field; payload: Payload; knee: string; side: Side | 'both'; lead?: boolean }>()
const emit = defineEmits<{ change: [part: Payload] }>()

const MM_SHOWN = 20
const MOST_BEND = 170
const ARCS: Partial<Record<Field['widget'], 'bend' | 'over' | 'turn'>> = {
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
const value = computed(() => props.payload[props.field.name])
const label = computed(() => `${props.field.label}, ${props.knee}`)
const arc = computed(() => ARCS[props.field.widget])

function set(next: unknown): void {
  emit('change', { [props.field.name]: next })
}

/** A second tap on the same choice takes it back. */
function toggle(next: unknown): void {
  set(value.value === next ? undefined : next)
}

function toggleAmong(word: string): void {
  const now = Array.isArray(value.value) ? (value.value as string[]) : []
  set(now.includes(word) ? now.filter((other) => other !== word) : [...now, word])
}
</script>

<template>
  <div class="input" :class="{ beside, flag: field.widget === 'yes_no' }" :data-field="field.name">
    <h3 :class="{ unseen: speaksForItself }">
      {{ field.label }}
      <small v-if="field.hint">{{ field.hint }}</small>
    </h3>
    <BandPicker v-if="field.widget === 'bands'" :value="value as string | undefined" @pick="toggle" />
    <EndFeelPicker
      v-else-if="field.widget === 'end_feel'"
      :value="value as string | undefined"
      :words="field.words"
      @pick="toggle"
    />
    <PainStrip v-else-if="field.widget === 'pain'" :value="value as number | undefined" :label="label" @pick="toggle" />
    <template v-else-if="field.kind === 'number'">
      <DegreeArc
        v-if="arc"
        :value="value as number | undefined"
        :least="field.least ?? 0"
        :most="field.most ?? MOST_BEND"
        :kind="arc"
        @change="set"
      />
      <NumberRule
        :value="value as number | undefined"
        :least="field.least ?? 0"
        :most="field.most ?? MM_SHOWN"
        :unit="field.unit"
        :label="label"
        :stretch="field.unit === 'mm' ? MM_SHOWN : (field.most ?? MM_SHOWN)"
        @change="set"
      />
    </template>
    <SweepWave
      v-else-if="field.widget === 'wave'"
      :value="value as string | undefined"
      :words="field.words"
      :label="label"
      @pick="toggle"
    />
    <JointLinePoints
      v-else-if="field.widget === 'joint_line'"
      :value="value as string[] | undefined"
      :words="field.words"
      :side="side"
      :label="label"
      @pick="toggleAmong"
      @none="set([])"
    />
    <LandmarkPicture
      v-else-if="field.widget === 'landmarks'"
      :value="value as string[] | undefined"
      :words="field.words"
      :side="side"
      :label="label"
      @pick="toggleAmong"
      @none="set([])"
    />
    <FlagPicker
      v-else-if="field.widget === 'yes_no'"
      :value="value as boolean | undefined"
      :label="label"
      @pick="toggle"
    />
    <CellBoard v-else-if="field.widget === 'board'" :value="value as Payload[] | undefined" @change="set" />
    <WordPicker
      v-else-if="field.kind === 'words'"
      :value="value as string[] | undefined"
      :words="field.words"
      :label="label"
      many
      @pick="toggleAmong"
    />
    <WordPicker v-else :value="value as string | undefined" :words="field.words" :label="label" @pick="toggle" />
  </div>
</template>

<style scoped>
h3 {
  margin: 0 0 4px;
  font-size: 0.93rem;
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
