<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Problem } from '@/contract/types'
import TopBar from '@/frame/TopBar.vue'
import { t } from '@/messages/views'
import { useCatalogue } from '@/stores/catalogue'
import TestRow from '@/weighup/TestRow.vue'
import UiAlert from '@/ui/UiAlert.vue'
import UiButton from '@/ui/UiButton.vue'
import UiFigure from '@/ui/UiFigure.vue'
import UiForm from '@/ui/UiForm.vue'
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
const tests = ref<TypedTest[]>([{ ...first, id: 1, name: t('arithmeticView.firstTest') }])

const inRange = (percent: number) => Number.isFinite(percent) && percent > 0 && percent < 100
/** What is wrong with each figure; nothing where it is sound. */
const wrong = computed(() => ({
  before: inRange(before.value) ? '' : t('arithmeticView.moreThan0AndLessThan'),
  limits:
    inRange(ruleOut.value) && inRange(act.value) && ruleOut.value < act.value
      ? ''
      : t('arithmeticView.ruledOutBelowMustBeLess'),
  echo: echo.value >= 0 && echo.value < 100 ? '' : t('arithmeticView.from0UpTo99'),
  spread: spread.value >= 0 && spread.value <= 2 ? '' : t('arithmeticView.from0To'),
  worth: worth.value > 0 ? '' : t('arithmeticView.moreThan0Knees'),
}))
const isRate = (test: TypedTest) => inRange(test.sensitivity) && inRange(test.specificity)
const fault = computed(() => {
  const first = Object.values(wrong.value).find((reason) => reason !== '')
  if (first !== undefined) return t('arithmeticView.aFigureIsNotValid')
  const at = tests.value.findIndex((test) => !isRate(test))
  return at < 0 ? '' : t('arithmeticView.testSensitivityAndSpecificityMustBe', { at: at + 1 })
})
/** Each test goes by its name; one without a name, or with another's, by its number. */
const names = computed(() =>
  tests.value.map((test, at) => {
    const name = test.name.trim()
    return name === '' || tests.value.some((other, before) => before < at && other.name.trim() === name)
      ? t('arithmeticView.test', { at: at + 1 })
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
                  ...intervalsOf(test),
                  spread: spread.value,
                },
              },
            })),
          },
        ],
        candidates: [],
      },
)

/** How sure the rates are, where counts told it; kept about the rates as they are rounded on screen. */
function intervalsOf({ intervals, sensitivity, specificity }: TypedTest) {
  if (!intervals) return {}
  const around = ([low, high]: [number, number], rate: number): [number, number] => [
    Math.min(low, rate) / 100,
    Math.max(high, rate) / 100,
  ]
  return {
    sensitivityInterval: around(intervals.sensitivity, sensitivity),
    specificityInterval: around(intervals.specificity, specificity),
  }
}

function add(): void {
  tests.value.push({ ...first, name: '', id: Math.max(0, ...tests.value.map((test) => test.id)) + 1 })
}
</script>

<template>
  <TopBar />
  <main class="arithmetic">
    <header>
      <h1>{{ t('arithmeticView.arithmetic') }}</h1>
      <p>{{ t('arithmeticView.anySensitivitySpecificityAndPreTest') }}</p>
    </header>
    <div class="columns">
      <UiForm class="figures" :label="t('arithmeticView.figures')" :model="{}">
        <div class="pair">
          <UiFigure
            v-model="before"
            :label="t('arithmeticView.preTestProbabilityIn100')"
            :least="0.1"
            :most="99.9"
            :wrong="wrong.before"
          />
          <UiFigure
            v-model="echo"
            :label="t('arithmeticView.overlapBetweenTests')"
            :least="0"
            :most="99"
            :wrong="wrong.echo"
          />
          <UiFigure
            v-model="ruleOut"
            :label="t('arithmeticView.ruledOutBelowIn100')"
            :least="0.1"
            :most="99"
            :wrong="wrong.limits"
          />
          <UiFigure
            v-model="act"
            :label="t('arithmeticView.actFromIn100')"
            :least="1"
            :most="99.9"
            :wrong="wrong.limits"
          />
          <UiFigure
            v-model="worth"
            :label="t('arithmeticView.weightOfThePreTestEstimate')"
            :least="1"
            :wrong="wrong.worth"
          />
          <UiFigure
            v-model="spread"
            :label="t('arithmeticView.variationBetweenClinics')"
            :least="0"
            :most="2"
            :wrong="wrong.spread"
          />
        </div>
        <TestRow
          v-for="(test, at) in tests"
          :key="test.id"
          v-model="tests[at]!"
          :number="at + 1"
          :removable="tests.length > 1"
          @remove="tests.splice(at, 1)"
        />
        <UiButton v-if="tests.length < MOST_TESTS" @click="add">{{ t('arithmeticView.addATest') }}</UiButton>
        <UiAlert v-if="fault" :say="t('arithmeticView.theLastValidFiguresAreShown', { fault })" />
      </UiForm>
      <WeighBoard :problem="problem" :condition="INJURY" :order="names" :name-of="(finding) => finding" />
    </div>
    <p class="caution">
      <b>{{ t('arithmeticView.aChanceNotADiagnosis') }}</b>
      {{ t('arithmeticView.theResultIsOnlyAsGood') }}
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
  font-size: var(--type-note);
  color: var(--text-2);
}
@media (--tablet) {
  .columns {
    grid-template-columns: 1fr;
  }
}
</style>
