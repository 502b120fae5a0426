<script setup lang="ts">
import { computed } from 'vue'
import type { Field, Payload, Side } from '@/contract/types'
import { asHeading } from '@/shared/words'
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

const props = defineProps<{ field: Field; payload: Payload; knee: string; side: Side | 'both'; lead?: boolean }>()
const emit = defineEmits<{ change: [part: Payload] }>()

const MM_SHOWN = 20
const MOST_BEND = 170
/** Angles worth drawing, and which way they turn. */
const ARCS: Record<string, 'bend' | 'over' | 'turn'> = { flexionDeg: 'bend', extensionDeg: 'over', hyperextensionDeg: 'over', externalRotationDeg: 'turn' }
/** Their controls carry words of their own; the distance does where it is what the manoeuvre is about. */
const speaksForItself = computed(() => ['endFeel', 'differenceBand'].includes(props.field.name) || (props.lead && ['translationMm', 'openingMm'].includes(props.field.name)))
/** Short answers stand beside their question. */
const beside = computed(() => isPain.value || props.field.kind === 'flag')
const value = computed(() => props.payload[props.field.name])
const label = computed(() => `${asHeading(props.field.name)}, ${props.knee}`)
const isPain = computed(() => props.field.unit === '/10')
const arc = computed(() => ARCS[props.field.name])

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
  <div class="input" :class="{ beside, flag: field.kind === 'flag' }" :data-field="field.name">
    <h3 :class="{ unseen: speaksForItself }">{{ asHeading(field.name) }}<small v-if="field.hint"> {{ field.hint }}</small></h3>
    <BandPicker v-if="field.name === 'differenceBand'" :value="value as string | undefined" @pick="toggle" />
    <EndFeelPicker v-else-if="field.name === 'endFeel' || field.name === 'endFeelFast'" :value="value as string | undefined" :words="field.words" @pick="toggle" />
    <PainStrip v-else-if="isPain" :value="value as number | undefined" :label="label" @pick="toggle" />
    <template v-else-if="field.kind === 'number'">
      <DegreeArc v-if="arc" :value="value as number | undefined" :least="field.least ?? 0" :most="field.most ?? MOST_BEND" :kind="arc" @change="set" />
      <NumberRule :value="value as number | undefined" :least="field.least ?? 0" :most="field.most ?? MM_SHOWN" :unit="field.unit" :label="label" :stretch="field.unit === 'mm' ? MM_SHOWN : (field.most ?? MM_SHOWN)" @change="set" />
    </template>
    <SweepWave v-else-if="field.words.includes('cannot_empty')" :value="value as string | undefined" :words="field.words" :label="label" @pick="toggle" />
    <JointLinePoints v-else-if="field.name === 'points'" :value="value as string[] | undefined" :words="field.words" :side="side" :label="label" @pick="toggleAmong" @none="set([])" />
    <LandmarkPicture v-else-if="field.words.includes('fibular_head')" :value="value as string[] | undefined" :words="field.words" :side="side" :label="label" @pick="toggleAmong" @none="set([])" />
    <FlagPicker v-else-if="field.kind === 'flag'" :value="value as boolean | undefined" :label="label" @pick="toggle" />
    <CellBoard v-else-if="field.kind === 'cells'" :value="value as Payload[] | undefined" @change="set" />
    <WordPicker v-else-if="field.kind === 'words'" :value="value as string[] | undefined" :words="field.words" :label="label" many @pick="toggleAmong" />
    <WordPicker v-else :value="value as string | undefined" :words="field.words" :label="label" @pick="toggle" />
  </div>
</template>

<style scoped>
h3 { margin: 0 0 4px; font-size: 0.93rem; font-weight: 600; color: var(--text-2); }
.beside { display: grid; grid-template-columns: auto minmax(0, 1fr); gap: 8px; align-items: center; }
.beside.flag { grid-template-columns: minmax(0, 2fr) minmax(0, 3fr); }
.beside h3 { margin: 0; line-height: 1.2; }
h3 small { margin-left: 6px; font-weight: 400; color: var(--text-3); }
</style>
