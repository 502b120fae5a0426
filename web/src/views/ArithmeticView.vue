<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Problem } from '@/contract/types'
import TopBar from '@/shared/TopBar.vue'
import { useCatalogue } from '@/stores/catalogue'
import TestRow from '@/weighup/TestRow.vue'
import WeighBoard from '@/weighup/WeighBoard.vue'
import type { TypedTest } from '@/weighup/typedTest'

/** The weigh-up for figures typed in: no record is opened and nothing is stored. */
const INJURY = 'injury'
const MOST_TESTS = 12

const catalogue = useCatalogue()
const typed = catalogue.catalogue?.typed
const percent = (share: number) => Math.round(share * 100)
const first = {
  sensitivity: percent(typed?.sensitivity ?? 0),
  specificity: percent(typed?.specificity ?? 0),
  outcome: 'positive',
} as const

const before = ref(percent(typed?.pretest ?? 0))
const echo = ref(percent(typed?.echo ?? 0))
const ruleOut = ref(percent(typed?.thresholds.ruleOut ?? 0))
const act = ref(percent(typed?.thresholds.act ?? 0))
/** Between clinics, on the log-odds scale: what the shipped figures carry. */
const spread = ref(typed?.spread ?? 0)
const worth = ref(typed?.pretestWeight ?? 0)
const tests = ref<TypedTest[]>([{ ...first, id: 1, name: 'First test' }])

const inRange = (percent: number) => Number.isFinite(percent) && percent > 0 && percent < 100
const fault = computed(() => {
  if (!inRange(before.value)) return 'The chance before lies between 0 and 100, without either.'
  if (!inRange(ruleOut.value) || !inRange(act.value) || ruleOut.value >= act.value)
    return '“Ruled out below” lies under “act from”, both between 0 and 100.'
  if (!(echo.value >= 0 && echo.value < 100)) return 'The echo lies from 0 up to 99 %.'
  if (!(spread.value >= 0 && spread.value <= 2)) return 'The spread between clinics lies from 0 to 2.'
  if (!(worth.value > 0)) return 'The chance before is worth more than 0 knees.'
  const wrong = tests.value.findIndex((test) => !inRange(test.sensitivity) || !inRange(test.specificity))
  return wrong >= 0 ? `Test ${wrong + 1}: sensitivity and specificity lie between 0 and 100 %, without either.` : ''
})
/** Each test goes by its name; one without a name, or with another's, by its number. */
const names = computed(() =>
  tests.value.map((test, at) => {
    const name = test.name.trim()
    return name === '' || tests.value.some((other, before) => before < at && other.name.trim() === name)
      ? `test ${at + 1}`
      : name
  }),
)
const problem = computed<Problem>((last) =>
  fault.value && last
    ? last
    : {
        conditions: [
          {
            id: INJURY,
            pretest: before.value / 100,
            pretestWeight: worth.value,
            thresholds: { ruleOut: ruleOut.value / 100, act: act.value / 100 },
          },
        ],
        associations: [],
        groups: [
          {
            id: 'tests',
            echo: echo.value / 100,
            results: tests.value.map((test, at) => ({
              finding: names.value[at] ?? '',
              outcome: test.outcome,
              targets: {
                [INJURY]: {
                  sensitivity: test.sensitivity / 100,
                  specificity: test.specificity / 100,
                  spread: spread.value,
                },
              },
            })),
          },
        ],
        candidates: [],
      },
)

function add(): void {
  tests.value.push({ ...first, name: '', id: Math.max(0, ...tests.value.map((test) => test.id)) + 1 })
}
</script>

<template>
  <TopBar />
  <main class="arithmetic">
    <header>
      <h1>Arithmetic</h1>
      <p>Any sensitivity, specificity and chance before. No record is opened; nothing is stored.</p>
    </header>
    <div class="columns">
      <form class="figures" aria-label="Figures" @submit.prevent>
        <div class="pair">
          <label class="field">
            <span>Chance before, in 100</span>
            <input v-model.number="before" type="number" min="0.1" max="99.9" step="any" />
          </label>
          <label class="field">
            <span>Echo among tests, %</span>
            <input v-model.number="echo" type="number" min="0" max="99" step="any" />
          </label>
          <label class="field">
            <span>Ruled out below, in 100</span>
            <input v-model.number="ruleOut" type="number" min="0.1" max="99" step="any" />
          </label>
          <label class="field">
            <span>Act from, in 100</span>
            <input v-model.number="act" type="number" min="1" max="99.9" step="any" />
          </label>
          <label class="field">
            <span>Before is worth, knees</span>
            <input v-model.number="worth" type="number" min="1" step="any" />
          </label>
          <label class="field">
            <span>Spread of clinics, 0–2</span>
            <input v-model.number="spread" type="number" min="0" max="2" step="any" />
          </label>
        </div>
        <TestRow
          v-for="(test, at) in tests"
          :key="test.id"
          v-model="tests[at]!"
          :number="at + 1"
          :removable="tests.length > 1"
          @remove="tests.splice(at, 1)"
        />
        <button v-if="tests.length < MOST_TESTS" type="button" class="button" @click="add">Add a test</button>
        <p v-if="fault" class="fault" role="alert">{{ fault }} The last sound figures are shown.</p>
      </form>
      <WeighBoard :problem="problem" :condition="INJURY" :order="names" :name-of="(finding) => finding" />
    </div>
    <p class="caution">
      <b>A chance, not a diagnosis.</b>
      It is as good as the figures put in. Your judgement and local rules come first.
    </p>
  </main>
</template>

<style scoped>
.arithmetic {
  max-width: 1320px;
  margin: 0 auto;
  padding: 20px clamp(14px, 3vw, 40px) 40px;
  display: grid;
  gap: 16px;
}
.columns {
  display: grid;
  grid-template-columns: minmax(280px, 340px) minmax(0, 1fr);
  gap: 40px;
}
.figures {
  display: grid;
  gap: 14px;
  align-content: start;
}
.pair {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 10px;
}
.fault {
  padding: 10px 12px;
  border: 2px solid var(--ink);
  border-radius: var(--radius);
}
.caution {
  padding-top: 12px;
  border-top: 2px solid var(--ink);
  font-size: 0.93rem;
  color: var(--text-2);
}
@media (max-width: 900px) {
  .columns {
    grid-template-columns: 1fr;
  }
}
</style>
