<script setup lang="ts">
import { computed, ref, toRef, watch } from 'vue'
import type { Problem } from '@/contract/types'
import { t } from '@/messages/weighup'
import { inHundred, rangeInHundred } from '@/shared/words'
import BeforeAfterCurve from './BeforeAfterCurve.vue'
import LogOddsRail from './LogOddsRail.vue'
import WhatIf from './WhatIf.vue'
import { LEAST_ECHO } from './scale'
import { useWeighing } from './useWeighing'
import { NO_VARIATION, type Variation, isVaried, vary } from './vary'
import UiAlert from '@/ui/UiAlert.vue'
import UiButton from '@/ui/UiButton.vue'

const props = defineProps<{
  problem: Problem
  condition: string
  order: string[]
  nameOf: (finding: string) => string
  whatIf?: boolean
}>()

const variation = ref<Variation>(structuredClone(NO_VARIATION))
const picked = ref<string | null>(null)
const varied = computed<Problem | null>(() => vary(props.problem, props.condition, variation.value))
const { weighed, isHere, fault } = useWeighing(varied, toRef(props, 'condition'), toRef(props, 'order'))

const original = computed(() => props.problem.conditions.find((c) => c.id === props.condition))
const chance = computed(() => weighed.value?.conditions.find((c) => c.id === props.condition))
const steps = computed(() => weighed.value?.steps ?? [])
const curve = computed(() => weighed.value?.curves.find((c) => c.finding === shown.value))
const shown = computed(
  () =>
    steps.value.find((s) => s.finding === picked.value)?.finding ??
    [...steps.value].sort((a, b) => Math.abs(Math.log(b.publishedLr)) - Math.abs(Math.log(a.publishedLr)))[0]
      ?.finding ??
    null,
)
const shownStep = computed(() => steps.value.find((s) => s.finding === shown.value))
/** Figures without doubt of their own give no range, and none is pretended. */
const range = computed(() => {
  const [low, high] = chance.value?.interval ?? []
  return low === undefined || high === undefined || high - low < 1e-9
    ? t('weighBoard.noRangeSinceNoUncertaintyWas')
    : t('weighBoard.n95Range', { high: rangeInHundred([low, high]) })
})
/** Said only where the echo is what makes the difference. */
const echoed = computed(() => {
  const cut = steps.value.filter((s) => s.echoShare !== null && s.echoShare >= LEAST_ECHO)
  if (!chance.value || cut.length === 0 || inHundred(chance.value.posttest) === inHundred(chance.value.textbook))
    return ''
  return t('weighBoard.testsOfTheSameStructureBy', {
    echoShare: cut
      .map((s) =>
        t('weighBoard.ofWhatItAddsIsCounted', {
          finding: props.nameOf(s.finding),
          echoShare: Math.round((s.echoShare ?? 0) * 100),
        }),
      )
      .join('; '),
  })
})

watch(() => props.condition, reset)

function reset(): void {
  variation.value = structuredClone(NO_VARIATION)
  picked.value = null
}
</script>

<template>
  <div class="board">
    <UiAlert v-if="fault" :say="fault" />
    <div v-if="chance" class="parts">
      <div class="head">
        <p class="big number" role="status">
          {{ inHundred(chance.pretest) }}
          <span>→</span>
          {{ inHundred(chance.posttest) }}
          <small>{{ t('weighBoard.outOf100SimilarKnees', { range }) }}</small>
        </p>
        <p v-if="isHere" class="quiet-text">{{ t('weighBoard.calculatedOnThisDevice') }}</p>
        <p v-if="isVaried(variation)" class="if">
          <b>{{ t('weighBoard.whatIf') }}</b>
          {{ t('weighBoard.theRecordIsUntouched') }}
          <UiButton @click="reset">{{ t('weighBoard.backToTheRecord') }}</UiButton>
        </p>
      </div>
      <div class="rail">
        <LogOddsRail
          :chance="chance"
          :steps="steps"
          :thresholds="original?.thresholds"
          :name-of="nameOf"
          :picked="shown"
          @pick="(finding) => (picked = finding)"
        />
        <p class="legend quiet-text">
          {{
            t('weighBoard.fullMarkAssumingIndependentTests', {
              textbook: inHundred(chance.textbook),
              strongest: inHundred(chance.strongest),
            })
          }}
        </p>
      </div>
      <div class="aside">
        <BeforeAfterCurve
          v-if="curve && shownStep"
          :name="nameOf(curve.finding)"
          :points="curve.points"
          :before="chance.pretest"
          :outcome="shownStep.outcome"
        />
        <div v-if="weighed?.answer" class="answer">
          <b>{{ weighed.answer.mistake }}</b>
          <p>{{ weighed.answer.answer }}</p>
        </div>
        <div v-if="echoed" class="answer">
          <b>
            {{
              t('weighBoard.whyAndNotAsForIndependent', {
                posttest: inHundred(chance.posttest),
                textbook: inHundred(chance.textbook),
              })
            }}
          </b>
          <p>{{ echoed }}</p>
        </div>
        <p v-if="steps.length === 0">
          {{ t('weighBoard.noTestOfThisStructureIs') }}
        </p>
      </div>
      <WhatIf
        v-if="whatIf"
        v-model="variation"
        class="what-if"
        :problem="problem"
        :condition="condition"
        :name-of="nameOf"
      />
    </div>
  </div>
</template>

<style scoped>
.board {
  container-type: inline-size;
  display: grid;
  gap: 12px;
  align-content: start;
}
.parts {
  display: grid;
  gap: 10px 40px;
  grid-template-columns: minmax(0, 1fr);
  align-items: start;
}
.head {
  display: flex;
  flex-wrap: wrap;
  gap: 10px 26px;
  align-items: center;
  justify-content: space-between;
  min-height: 48px;
}
.big {
  font-size: var(--type-figure);
  font-weight: 680;
  line-height: 1.1;
}
.big span {
  color: var(--text-3);
  font-weight: 400;
}
.big small {
  font-size: var(--type-base);
  font-weight: 400;
  color: var(--text-2);
}
.if {
  display: flex;
  align-items: center;
  gap: 10px;
  padding-left: 12px;
  border-left: 3px dashed var(--mine);
}
.legend {
  font-size: var(--type-small);
  margin-top: 6px;
}
.aside {
  display: grid;
  gap: 14px;
}
.answer {
  padding-left: 12px;
  border-left: 3px solid var(--ink);
}
.fault {
  padding: 10px 14px;
  border: 2px solid var(--ink);
  border-radius: var(--radius);
}
@container (min-width: 1000px) {
  .parts {
    grid-template: 'head aside' auto 'rail aside' auto 'what aside' 1fr / minmax(0, 1fr) 320px;
  }
  .head {
    grid-area: head;
  }
  .rail {
    grid-area: rail;
  }
  .aside {
    grid-area: aside;
  }
  .what-if {
    grid-area: what;
  }
}
@container (min-width: 640px) and (max-width: 999px) {
  .aside {
    grid-template-columns: 280px 1fr;
  }
  .aside > figure {
    grid-row: span 3;
  }
}
</style>
