<script setup lang="ts">
import { computed } from 'vue'
import { t } from '@/messages/bench'
import { useCatalogue } from '@/stores/catalogue'
import { useVerdict } from '@/stores/verdict'
import { GATE, type Place, HISTORY } from './route/places'

const emit = defineEmits<{ go: [place: Place] }>()
const catalogue = useCatalogue()
const verdict = useVerdict()

const SHOWN = 3
const SECONDS = 60
const GATE_FIRST = 'answer_gate'

const worth = computed(() =>
  (verdict.assessment?.nextTests ?? []).slice(0, SHOWN).map((test) =>
    test.manoeuvre === null
      ? {
          key: test.finding ?? test.why,
          name: test.finding === GATE_FIRST ? t('nextTests.completeTheSafetyCheck') : t('nextTests.takeTheHistory'),
          time: '',
          why: test.why,
          place: test.finding === GATE_FIRST ? GATE : HISTORY,
        }
      : {
          key: test.manoeuvre,
          name: catalogue.nameOf(test.manoeuvre),
          time: `${seconds(test.manoeuvre)} s`,
          why: test.why,
          place: { kind: 'manoeuvre', id: test.manoeuvre } as Place,
        },
  ),
)
const settled = computed(() => verdict.assessment?.route.nothingChanges ?? null)

function seconds(manoeuvre: string): number {
  return Math.round(catalogue.manoeuvre(manoeuvre).minutes * SECONDS)
}
</script>

<template>
  <section class="next" :aria-label="t('nextTests.worthDoingNext')">
    <h3>{{ t('nextTests.worthDoingNext') }}</h3>
    <p v-if="settled" class="quiet-text">{{ settled }}</p>
    <p v-else-if="worth.length === 0" class="quiet-text">{{ t('nextTests.noFurtherTestsUntilOthersHave') }}</p>
    <ol v-else>
      <li v-for="test in worth" :key="test.key">
        <button type="button" @click="emit('go', test.place)">
          <b>{{ test.name }}</b>
          <span class="number">{{ test.time }}</span>
          <small>{{ test.why }}</small>
        </button>
      </li>
    </ol>
  </section>
</template>

<style scoped>
h3 {
  margin-bottom: 4px;
}
button {
  display: grid;
  grid-template-columns: 1fr auto;
  width: 100%;
  min-height: 53px;
  padding: 6px 4px;
  font: inherit;
  text-align: left;
  color: var(--ink);
  background: none;
  border: 0;
  border-top: 1px solid var(--line);
  cursor: pointer;
}
button:hover {
  background: var(--fill);
}
button b {
  font-weight: 600;
}
small {
  grid-column: 1 / 3;
  color: var(--text-2);
}
</style>
