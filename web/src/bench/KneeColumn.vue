<script setup lang="ts">
import { computed } from 'vue'
import type { Field, Manoeuvre, Payload, Side } from '@/contract/types'
import { asHeading, inWords } from '@/shared/words'
import { useExamination } from '@/stores/examination'
import CheckList from './CheckList.vue'
import FieldInput from './FieldInput.vue'

const props = defineProps<{ manoeuvre: Manoeuvre; side: Side | 'both'; active: boolean; brief?: boolean }>()
const emit = defineEmits<{ change: [payload: Payload | null]; activate: [] }>()
const examination = useExamination()

/** Fields that are seldom needed stand behind one tap. */
const SELDOM = ['inwardMm', 'outwardMm', 'endFeelFast', 'angleDeg', 'support', 'heelHeightCm', 'position', 'variant', 'feltAtDeg', 'clickSite']

const hurt = computed(() => props.side === 'both' || props.side === examination.hurtSide)
const payload = computed<Payload>(() => examination.finding(props.manoeuvre.id, props.side) ?? {})
const usable = computed(() => props.manoeuvre.fields.filter((field) => field.name !== 'differenceBand'))
const plain = computed(() => usable.value.filter((field) => !SELDOM.includes(field.name) && !hidden(field)))
const seldom = computed(() => (props.brief ? [] : usable.value.filter((field) => SELDOM.includes(field.name))))
const tag = computed(() => {
  if (payload.value.normal === true) return 'normal'
  if (typeof payload.value.notDone === 'string') return `not done: ${inWords(payload.value.notDone)}`
  if (examination.waitingFor.has(`${props.manoeuvre.id}:${props.side}`)) return 'waiting'
  if (examination.beforeGate.has(`${props.manoeuvre.id}:${props.side}`)) return 'recorded before the gate'
  if (payload.value.fromMemory === true) return 'from memory'
  if (typeof payload.value.override === 'string') return 'against the gate'
  return ''
})
const title = computed(() => (props.side === 'both' ? 'Both legs' : `${props.side === 'left' ? 'L' : 'R'} · ${hurt.value ? 'hurt' : 'other'} knee`))

/** Where it hurts is only asked once it hurts; in brief, a band serves instead of millimetres. */
function hidden(field: Field): boolean {
  if (props.brief && field.unit === 'mm') return true
  return field.name === 'painSite' && Number(payload.value.pain ?? 0) === 0
}

function change(part: Payload): void {
  const { normal: _normal, notDone: _notDone, ...kept } = payload.value
  const next: Payload = { ...kept, ...part }
  if (part.translationMm !== undefined || part.openingMm !== undefined) delete next.differenceBand
  for (const [key, value] of Object.entries(next)) if (value === undefined) delete next[key]
  emit('change', Object.keys(next).length > 0 ? next : null)
}
</script>

<template>
  <section class="knee" :class="{ hurt, active }" :aria-label="title" tabindex="-1" @focusin="emit('activate')" @pointerdown="emit('activate')">
    <h2>{{ title }} <span v-if="tag">{{ tag }}</span></h2>
    <FieldInput v-for="field in plain" :key="field.name" :field="field" :payload="payload" :knee="title" :side="side" @change="change" />
    <CheckList v-if="manoeuvre.checks.length > 0" :checks="manoeuvre.checks" :payload="payload" @change="(checks) => change({ checks })" />
    <details v-if="seldom.length > 0">
      <summary>More: {{ seldom.map((field) => asHeading(field.name).toLowerCase()).join(', ') }}</summary>
      <FieldInput v-for="field in seldom" :key="field.name" :field="field" :payload="payload" :knee="title" :side="side" @change="change" />
    </details>
  </section>
</template>

<style scoped>
.knee { display: flex; flex-direction: column; gap: 7px; min-width: 0; padding-top: 8px; border-top: 3px solid var(--line); }
.knee.hurt { border-color: var(--ink); }
.knee:focus-visible { outline: none; }
.knee.active { border-top-width: 5px; padding-top: 6px; }
h2 { display: flex; justify-content: space-between; gap: 8px; }
h2 span { font-weight: 400; font-size: 0.93rem; color: var(--mine); }
details > * + * { margin-top: 8px; }
@media (max-width: 640px) { .knee:not(.active) { display: none; } }
summary { min-height: 44px; display: flex; align-items: center; color: var(--text-3); font-size: 0.87rem; cursor: pointer; }
</style>
