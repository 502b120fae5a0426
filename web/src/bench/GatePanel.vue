<script setup lang="ts">
import { computed } from 'vue'
import { useExamination } from '@/stores/examination'
import FlagPicker from './FlagPicker.vue'
import SafetyLines from './SafetyLines.vue'

const examination = useExamination()
const answers = computed(() => examination.section('safety'))

/** Looks and questions of the gate; the first eight open it after an injury. */
const BEFORE_STRESS = [
  { key: 'pulseOrSensationLost', ask: 'Pulse or feeling in the foot lost' },
  { key: 'dislocationSuspected', ask: 'Knee may have been out of joint' },
  { key: 'deformity', ask: 'Deformed' },
  { key: 'cannotTakeFourSteps', ask: 'Cannot take four steps' },
  { key: 'cannotFlexTo90', ask: 'Cannot bend to 90°' },
  { key: 'tenderPatellaAlone', ask: 'Kneecap bone tender, nothing else' },
  { key: 'tenderFibularHead', ask: 'Head of the fibula tender' },
  { key: 'feverOrHotRedKnee', ask: 'Fever, or a hot red knee' },
]
const ALSO = [
  { key: 'reducedOnItsOwn', ask: 'Was out and went back by itself' },
  { key: 'boneCrepitus', ask: 'Bone grates' },
  { key: 'calfTense', ask: 'Calf tense and hard' },
  { key: 'footDropped', ask: 'Foot does not lift' },
  { key: 'openWound', ask: 'Open wound' },
  { key: 'kneecapOutNow', ask: 'Kneecap out now' },
  { key: 'cannotStraightLegRaise', ask: 'Cannot raise the straight leg' },
  { key: 'lockedShort', ask: 'Locked short of straight' },
  { key: 'calfSwollenTender', ask: 'Calf swollen and tender' },
  { key: 'breathlessOrChestPain', ask: 'Breathless, or chest pain' },
  { key: 'pittingOneSide', ask: 'Dent stays, one leg' },
  { key: 'pittingBoth', ask: 'Dent stays, both legs' },
  { key: 'painAtRest7', ask: 'Pain of 7 or more at rest' },
  { key: 'nightOrRestPain', ask: 'Pain at night or at rest' },
  { key: 'shinPainGrows', ask: 'Shin pain grows with running' },
  { key: 'recentSurgery', ask: 'Operated within 12 weeks' },
  { key: 'limpHipLimited', ask: 'Limp with a stiff hip (8–17 years)' },
  { key: 'xrayClear', ask: 'X-ray already clear' },
]

function toggle(key: string, value: boolean): void {
  const next = { ...answers.value, [key]: value }
  if (answers.value[key] === value) delete next[key]
  examination.saveSection('safety', next)
}

function noneOf(keys: { key: string }[]): void {
  const next = { ...answers.value }
  for (const { key } of keys) next[key] ??= false
  examination.saveSection('safety', next)
}
</script>

<template>
  <div class="gate">
    <SafetyLines :lines="examination.assessment?.safety.lines ?? []" />
    <p v-if="examination.assessment?.safety.gateOpen" class="state"><b>Open.</b> Nothing asked here holds the stress tests back.</p>
    <p v-else class="state"><b>Shut.</b> After an injury, stress tests wait until these eight are answered.</p>
    <section aria-labelledby="eight">
      <header><h2 id="eight">Before anyone pulls</h2><button type="button" class="button" @click="noneOf(BEFORE_STRESS)">None of these</button></header>
      <ul>
        <li v-for="item in BEFORE_STRESS" :key="item.key"><span>{{ item.ask }}</span><FlagPicker :value="answers[item.key] as boolean | undefined" :label="item.ask" @pick="(value) => toggle(item.key, value)" /></li>
      </ul>
    </section>
    <section aria-labelledby="also">
      <header><h2 id="also">Also look and ask for</h2><button type="button" class="button" @click="noneOf(ALSO.filter((item) => item.key !== 'xrayClear'))">None of these</button></header>
      <ul>
        <li v-for="item in ALSO" :key="item.key"><span>{{ item.ask }}</span><FlagPicker :value="answers[item.key] as boolean | undefined" :label="item.ask" @pick="(value) => toggle(item.key, value)" /></li>
      </ul>
    </section>
  </div>
</template>

<style scoped>
.gate { display: grid; gap: 16px; }
.state { padding: 10px 14px; background: var(--fill); border-radius: var(--radius); }
header { display: flex; justify-content: space-between; align-items: center; margin-bottom: 6px; }
ul { display: grid; grid-template-columns: 1fr 1fr; column-gap: 26px; }
li { display: grid; grid-template-columns: 1fr 108px; gap: 10px; align-items: center; padding: 4px 0; border-top: 1px solid var(--line); }
@media (max-width: 700px) { ul { grid-template-columns: 1fr; } }
</style>
