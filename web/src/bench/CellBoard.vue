<script setup lang="ts">
import type { Payload } from '@/contract/types'
import PainStrip from './PainStrip.vue'

const props = defineProps<{ value: Payload[] | undefined }>()
const emit = defineEmits<{ change: [cells: Payload[] | undefined] }>()

const ROTATIONS = ['outward', 'inward']
const STRESSES = ['varus', 'valgus']
const SITES = ['medial', 'lateral', 'elsewhere']
/** The least that counts as pain; the strip that then appears takes the athlete's own figure. */
const LEAST_PAIN = 1

function cell(rotation: string, stress: string): Payload | undefined {
  return props.value?.find((c) => c.rotation === rotation && c.stress === stress)
}

function change(rotation: string, stress: string, part: Payload | null): void {
  const others = (props.value ?? []).filter((c) => c.rotation !== rotation || c.stress !== stress)
  const next = part === null ? others : [...others, { ...(cell(rotation, stress) ?? { rotation, stress }), ...part }]
  emit('change', next.length > 0 ? next : undefined)
}

function toggle(rotation: string, stress: string, kind: 'quiet' | 'click' | 'pain'): void {
  const now = cell(rotation, stress)
  if (kind === 'quiet') change(rotation, stress, now ? null : { click: false, pain: 0 })
  else if (kind === 'click') change(rotation, stress, { click: now?.click !== true })
  else change(rotation, stress, { pain: Number(now?.pain ?? 0) > 0 ? 0 : LEAST_PAIN })
}

function symptomatic(c: Payload | undefined): boolean {
  return c !== undefined && (c.click === true || Number(c.pain ?? 0) > 0)
}
</script>

<template>
  <div class="board" role="group" aria-label="Four ways of turning and stressing">
    <fieldset v-for="[rotation, stress] in ROTATIONS.flatMap((r) => STRESSES.map((s): [string, string] => [r, s]))" :key="`${rotation}${stress}`">
      <legend>turned {{ rotation }}, {{ stress }}</legend>
      <div class="signs">
        <button type="button" class="choice" :aria-pressed="!!cell(rotation, stress) && !symptomatic(cell(rotation, stress))" @click="toggle(rotation, stress, 'quiet')">quiet</button>
        <button type="button" class="choice" :aria-pressed="cell(rotation, stress)?.click === true" @click="toggle(rotation, stress, 'click')">click</button>
        <button type="button" class="choice" :aria-pressed="Number(cell(rotation, stress)?.pain ?? 0) > 0" @click="toggle(rotation, stress, 'pain')">pain</button>
      </div>
      <PainStrip v-if="Number(cell(rotation, stress)?.pain ?? 0) > 0" class="strip" :value="Number(cell(rotation, stress)?.pain)" :label="`Pain turned ${rotation}, ${stress}`" @pick="(pain) => change(rotation, stress, { pain })" />
      <div v-if="symptomatic(cell(rotation, stress))" class="signs sites">
        <button v-for="site in SITES" :key="site" type="button" class="choice" :aria-pressed="(cell(rotation, stress)?.painSite ?? cell(rotation, stress)?.clickSite) === site" @click="change(rotation, stress, { painSite: site, clickSite: site })">{{ site }}</button>
      </div>
    </fieldset>
  </div>
</template>

<style scoped>
.board { display: grid; grid-template-columns: 1fr; gap: 6px; }
fieldset { margin: 0; padding: 6px 8px 8px; border: 1px solid var(--line); border-radius: var(--radius); }
legend { padding: 0 4px; font-size: 0.87rem; color: var(--text-2); }
.signs { display: grid; grid-template-columns: repeat(3, 1fr); gap: 4px; }
.sites, .strip { margin-top: 4px; }
.choice { padding: 0; }
</style>
