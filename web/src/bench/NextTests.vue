<script setup lang="ts">
import { computed } from 'vue'
import { useCatalogue } from '@/stores/catalogue'
import { useExamination } from '@/stores/examination'

const emit = defineEmits<{ go: [manoeuvre: string] }>()
const catalogue = useCatalogue()
const examination = useExamination()

const SHOWN = 3
const SECONDS = 60

const worth = computed(() => (examination.assessment?.nextTests ?? []).filter((test) => !leftOut(test.manoeuvre)).slice(0, SHOWN))
const settled = computed(() => examination.assessment?.route.nothingChanges ?? null)

/** Somebody said why not; it is not offered again. */
function leftOut(manoeuvre: string): boolean {
  const reason = examination.finding(manoeuvre, examination.hurtSide)?.notDone
  return reason !== undefined && reason !== 'time'
}

function seconds(manoeuvre: string): number {
  return Math.round(catalogue.manoeuvre(manoeuvre).minutes * SECONDS)
}
</script>

<template>
  <section class="next" aria-label="Worth doing next">
    <h3>Worth doing next</h3>
    <p v-if="settled" class="quiet-text">{{ settled }}</p>
    <ol v-else>
      <li v-for="test in worth" :key="test.manoeuvre">
        <button type="button" @click="emit('go', test.manoeuvre)"><b>{{ catalogue.nameOf(test.manoeuvre) }}</b><span class="number">{{ seconds(test.manoeuvre) }} s</span><small>{{ test.why }}</small></button>
      </li>
    </ol>
  </section>
</template>

<style scoped>
h3 { margin-bottom: 4px; }
button { display: grid; grid-template-columns: 1fr auto; width: 100%; min-height: 53px; padding: 6px 4px; font: inherit; text-align: left; color: var(--ink); background: none; border: 0; border-top: 1px solid var(--line); cursor: pointer; }
button:hover { background: var(--fill); }
button b { font-weight: 600; }
small { grid-column: 1 / 3; color: var(--text-2); }
</style>
