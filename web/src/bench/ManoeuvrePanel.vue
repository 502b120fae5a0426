<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import type { Manoeuvre, Payload, Side } from '@/contract/types'
import { useExamination } from '@/stores/examination'
import KneeColumn from './KneeColumn.vue'
import BandPicker from './BandPicker.vue'

const props = defineProps<{ manoeuvre: Manoeuvre; activeSide: Side }>()
const emit = defineEmits<{ activate: [side: Side]; band: [band: string] }>()
const examination = useExamination()
const reason = ref('')
const STRESSING = ['stress', 'drawer', 'pivot']
const LEAST_REASON = 3

const blocked = computed(() => examination.assessment?.safety.blocked.includes(props.manoeuvre.id) ?? false)
const consentMissing = computed(() => examination.section('opening').consentGiven !== true && !['look', 'neurovascular'].includes(props.manoeuvre.family))
const gateShut = computed(() => examination.assessment?.safety.gateOpen === false && STRESSING.includes(props.manoeuvre.family))
const overridden = computed(() => (['left', 'right', 'both'] as const).some((side) => examination.finding(props.manoeuvre.id, side)?.override !== undefined))
const banded = computed(() => props.manoeuvre.fields.some((field) => field.name === 'differenceBand'))
const unlocked = ref(false)
const held = computed(() => consentMissing.value || ((blocked.value || gateShut.value) && !unlocked.value && !overridden.value))

/** As seen from the foot of the couch: the right knee on the left. */
const sides = computed<(Side | 'both')[]>(() => (props.manoeuvre.bothAtOnce ? ['both'] : ['right', 'left']))

watch(() => props.manoeuvre.id, () => {
  unlocked.value = false
  reason.value = ''
})

function change(side: Side | 'both', payload: Payload | null): void {
  const marked = payload !== null && blocked.value && payload.override === undefined && reason.value ? { ...payload, override: reason.value } : payload
  examination.saveFinding(props.manoeuvre.id, side, marked)
}
</script>

<template>
  <div class="panel">
    <header>
      <h1>{{ manoeuvre.card.name }} <small>{{ manoeuvre.card.gist }}</small></h1>
      <p v-if="manoeuvre.card.movement" class="how">{{ manoeuvre.card.hold }} {{ manoeuvre.card.movement }}</p>
      <p v-if="manoeuvre.card.caution" class="aside"><b>Caution</b> {{ manoeuvre.card.caution }}</p>
      <details v-if="manoeuvre.card.spoils">
        <summary>Position, what counts, what spoils it, an easier way</summary>
        <dl>
          <dt>Position</dt><dd>{{ manoeuvre.card.position }}</dd>
          <dt>Normal</dt><dd>{{ manoeuvre.card.normal }}</dd>
          <dt>Counts</dt><dd>{{ manoeuvre.card.counts }}</dd>
          <dt>Spoils it</dt><dd>{{ manoeuvre.card.spoils }}</dd>
          <dt>Say first</dt><dd>{{ manoeuvre.card.sayFirst }}</dd>
          <template v-if="manoeuvre.card.easier"><dt>Easier</dt><dd>{{ manoeuvre.card.easier }}</dd></template>
        </dl>
      </details>
    </header>
    <div v-if="held" class="held">
      <template v-if="consentMissing"><b>Consent first.</b><p>Hands-on manoeuvres open once consent is ticked in the story.</p></template>
      <template v-else-if="blocked">
        <b>Off limits by the safety gate.</b>
        <p>{{ examination.assessment?.safety.lines[0]?.say }}</p>
        <label class="field"><span>To do it all the same, say why; the finding stays marked.</span><input v-model="reason" type="text" maxlength="200" :minlength="LEAST_REASON"></label>
        <button type="button" class="button" :disabled="reason.trim().length < LEAST_REASON" @click="unlocked = true">Do it with this reason</button>
      </template>
      <template v-else><b>The safety gate is not answered yet.</b><p>After an injury, stress tests wait for it.</p><button type="button" class="button" @click="unlocked = true">Go on all the same</button></template>
    </div>
    <template v-else>
      <section v-if="banded" class="band" aria-label="Compared with the other knee">
        <h2>Gives more <small>by hand, or mm below</small></h2>
        <BandPicker :value="examination.finding(manoeuvre.id, examination.hurtSide)?.differenceBand as string | undefined" @pick="(band) => emit('band', band)" />
      </section>
      <div v-if="sides.length > 1" class="which" role="group" aria-label="Knee shown">
        <button v-for="side in sides" :key="side" type="button" class="choice" :aria-pressed="side === activeSide" @click="side !== 'both' && emit('activate', side)">{{ side === 'left' ? 'L' : 'R' }} {{ side === examination.hurtSide ? 'hurt' : 'other' }}</button>
      </div>
      <div class="pair" :class="{ single: sides.length === 1 }">
        <KneeColumn v-for="side in sides" :key="`${manoeuvre.id}${side}`" :manoeuvre="manoeuvre" :side="side" :active="side === activeSide" @change="(payload) => change(side, payload)" @activate="side !== 'both' && emit('activate', side)" />
      </div>
    </template>
  </div>
</template>

<style scoped>
.panel { display: flex; flex-direction: column; gap: 10px; min-height: 100%; }
h1 small { font-size: 1rem; font-weight: 400; letter-spacing: 0; color: var(--text-3); margin-left: 6px; }
.how { margin-top: 6px; max-width: 68ch; color: var(--text-2); }
.aside { margin-top: 8px; padding-left: 10px; border-left: 3px solid var(--text-2); color: var(--text-2); font-size: 0.96rem; }
summary { min-height: 28px; display: flex; align-items: center; color: var(--text-3); font-size: 0.93rem; cursor: pointer; }
@media (pointer: coarse) { summary { min-height: 44px; } }
dl { display: grid; grid-template-columns: 84px 1fr; gap: 4px 12px; padding: 4px 0 8px; font-size: 0.96rem; }
dt { color: var(--text-3); }
.band { display: grid; grid-template-columns: 150px 1fr; gap: 12px; align-items: center; }
.band small { display: block; font-weight: 400; color: var(--text-3); }
.which { display: none; }
.pair { display: grid; grid-template-columns: 1fr 1fr; gap: 24px; }
.pair.single { grid-template-columns: minmax(0, 460px); }
.held { display: grid; gap: 10px; justify-items: start; padding: 18px; border: 2px solid var(--ink); border-radius: var(--radius); }
.held .field { width: 100%; }
@media (max-width: 640px) {
  .band, .pair { grid-template-columns: 1fr; gap: 4px; }
  .which { display: grid; grid-template-columns: 1fr 1fr; gap: 4px; }
}
</style>
