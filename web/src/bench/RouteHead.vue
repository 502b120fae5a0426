<script setup lang="ts">
import { computed } from 'vue'
import type { Payload } from '@/contract/types'
import { ROUTES } from '@/shared/routes'
import { useExamination } from '@/stores/examination'

const examination = useExamination()

const LIMITS = [5, 8, 10, 12, 15, 20, 30]

const route = computed(() => examination.assessment?.route)
const frame = computed(() => examination.section('frame'))
const share = computed(() => (route.value && route.value.minutes > 0 ? (100 * route.value.minutesDone) / route.value.minutes : 0))

function set(part: Payload): void {
  examination.saveSection('frame', { ...frame.value, ...part })
}

function minutes(value: number): string {
  return value.toFixed(value < 10 ? 1 : 0)
}
</script>

<template>
  <div v-if="route" class="head">
    <label><span class="unseen">Route</span>
      <select :value="route.id" @change="(event) => set({ route: (event.target as HTMLSelectElement).value })"><option v-for="r in ROUTES" :key="r.id" :value="r.id">{{ r.label }}</option></select>
    </label>
    <label class="limit"><span class="unseen">Time limit</span>
      <select :value="frame.timeLimitMin ?? ''" @change="(event) => set({ timeLimitMin: Number((event.target as HTMLSelectElement).value) || null })"><option value="">no limit</option><option v-for="limit in LIMITS" :key="limit" :value="limit">{{ limit }} min</option></select>
    </label>
    <p class="time number" role="status"><b>{{ minutes(route.minutesLeft) }} min</b> left · {{ minutes(route.minutesDone) }} used</p>
    <div class="bar" aria-hidden="true"><i :style="{ width: `${share}%` }" /></div>
    <RouterLink v-if="route.id === 'touchline' && examination.head" class="button" :to="{ name: 'touchline', params: { id: examination.head.id } }">One-hand view</RouterLink>
    <p v-if="route.dropped.length > 0" class="quiet-text">{{ route.dropped.length }} left out for time</p>
  </div>
</template>

<style scoped>
.head { display: grid; grid-template-columns: minmax(0, 1fr) minmax(0, 84px); gap: 4px 6px; padding: 0 4px 8px; }
select { width: 100%; min-height: 44px; padding: 0 4px; font: inherit; font-size: 0.93rem; color: var(--ink); background: var(--card); border: 1px solid var(--line); border-radius: var(--radius); }
@media (max-width: 1180px) { .head { grid-template-columns: minmax(0, 1fr); } }
.time { grid-column: 1 / -1; font-size: 0.93rem; color: var(--text-2); }
.bar { grid-column: 1 / -1; height: 5px; background: var(--line); border-radius: 3px; overflow: hidden; }
.bar i { display: block; height: 100%; background: var(--mine); }
.head > .button { grid-column: 1 / -1; }
.head > .quiet-text { grid-column: 1 / -1; font-size: 0.87rem; }
</style>
