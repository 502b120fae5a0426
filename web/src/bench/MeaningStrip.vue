<script setup lang="ts">
import { computed } from 'vue'
import { recordKey } from '@/contract/part'
import type { Manoeuvre } from '@/contract/types'
import { t } from '@/messages/bench'
import { day } from '@/shared/dates'
import { inHundred, signed } from '@/shared/words'
import { findingName, inWords } from '@/stores/words'
import { useCatalogue } from '@/stores/catalogue'
import { useExamination } from '@/stores/examination'
import { useOpenExamination } from '@/stores/openExamination'
import { useVerdict } from '@/stores/verdict'

const props = defineProps<{ manoeuvre: Manoeuvre }>()
const catalogue = useCatalogue()
const examination = useExamination()
const opened = useOpenExamination()
const verdict = useVerdict()

const parts = computed(() =>
  ([opened.hurtSide, opened.otherSide, 'both'] as const).map((side) => recordKey(props.manoeuvre.id, side)),
)
/** Of these entries neither the server nor this device has judged one yet. */
const waiting = computed(() => examination.isAhead && parts.value.some((part) => examination.waitingFor.has(part)))
const measurement = computed(() => verdict.assessment?.measurements.find((m) => m.manoeuvre === props.manoeuvre.id))
const excluded = computed(() => verdict.assessment?.excluded.filter((e) => e.manoeuvre === props.manoeuvre.id) ?? [])
const found = computed(() => verdict.assessment?.results.filter((r) => r.manoeuvre === props.manoeuvre.id) ?? [])
const results = computed(() => found.value.filter((r) => !r.carriedFrom))
/** What earlier visits found and still counts, each day and outcome once. */
const standing = computed(() => {
  const said = found.value.flatMap((r) =>
    r.carriedFrom ? [{ day: day(r.carriedFrom), outcome: r.outcome as string }] : [],
  )
  return said.filter((one, at) => said.findIndex((o) => o.day === one.day && o.outcome === one.outcome) === at)
})
const moved = computed(() => {
  const feeds = new Set(results.value.filter((r) => r.counts).map((r) => r.finding))
  const steps = verdict.assessment?.trace.filter((step) => feeds.has(step.finding)) ?? []
  return [...steps].sort((a, b) => Math.abs(Math.log(b.appliedLr)) - Math.abs(Math.log(a.appliedLr))).slice(0, 2)
})

/** Hurt minus other comes with the answer; until then what stood before it is not shown as if it still did. */
const difference = computed(() => (waiting.value ? null : (measurement.value?.difference ?? null)))

const weight = computed(() => {
  const counted = results.value.filter((r) => r.counts)
  const outcomes = [...new Set(counted.map((r) => r.outcome))].sort().reverse()
  if (counted.length > 0) {
    const overridden = counted.some((r) => r.overridden)
    const [here, there] = outcomes
    return there === undefined
      ? overridden
        ? t('meaningStrip.countsAsAgainstTheGate', { outcome: here })
        : t('meaningStrip.valid', { outcome: here })
      : overridden
        ? t('meaningStrip.countsAsBothAgainstTheGate', { here, there })
        : t('meaningStrip.countsAsBoth', { here, there })
  }
  if (excluded.value.length > 0) return t('meaningStrip.notValid')
  if (results.value.some((r) => r.outcome === 'equivocal')) return t('meaningStrip.equivocalChangesNoProbability')
  return ''
})
/** A baseline compares the knees; nothing is weighed. */
const isBaseline = computed(() => opened.head?.isBaseline === true)
const recorded = computed(
  () => opened.isDone(props.manoeuvre.id, opened.hurtSide) || opened.isDone(props.manoeuvre.id, 'both'),
)
</script>

<template>
  <aside class="meaning" :aria-label="t('meaningStrip.whatItMeans')" aria-live="polite">
    <div v-if="difference !== null" class="fact">
      <span class="big number">
        {{ signed(difference) }}
        <small>{{ measurement?.unit }}</small>
      </span>
      <span>
        {{
          isBaseline
            ? t('meaningStrip.minus', { hurtSide: opened.hurtSide, otherSide: opened.otherSide })
            : t('meaningStrip.hurtMinusOther')
        }}
      </span>
    </div>
    <div
      v-if="!isBaseline && !waiting && measurement?.grade !== null && measurement?.grade !== undefined"
      class="fact"
      :class="{ provisional: measurement.provisional }"
    >
      <span class="big number">{{ t('meaningStrip.grade', { grade: measurement.grade }) }}</span>
      <span>
        {{
          measurement.provisional
            ? t('meaningStrip.provisionalOtherKneeMissing')
            : measurement.estimate
              ? t('meaningStrip.estimateByHand')
              : inWords(measurement.school ?? '')
        }}
      </span>
    </div>
    <div class="words">
      <p v-if="waiting" class="quiet-text">{{ t('meaningStrip.waitingForTheAnswer') }}</p>
      <p v-else-if="!recorded" class="quiet-text">
        <template v-if="standing.length > 0">
          <span v-for="one in standing" :key="one.day + one.outcome">
            {{ t('meaningStrip.notExaminedTodayFrom', one) }}
          </span>
        </template>
        <template v-else>
          {{ isBaseline ? t('meaningStrip.nothingRecordedYet') : t('meaningStrip.nothingRecordedOnTheHurtKnee') }}
        </template>
      </p>
      <p v-else-if="isBaseline" class="quiet-text">{{ t('meaningStrip.keptForLaterComparisonWithThese') }}</p>
      <p v-else-if="manoeuvre.feeds.length === 0" class="quiet-text">{{ t('meaningStrip.keptOnRecordItChangesNo') }}</p>
      <p v-else-if="results.length === 0" class="quiet-text">{{ t('meaningStrip.keptOnRecordByItselfIt') }}</p>
      <template v-else>
        <p>
          <b :class="{ slashed: excluded.length > 0 && !results.some((r) => r.counts) }">{{ weight }}</b>
          {{ excluded[0]?.reason }}
        </p>
        <p v-for="one in standing" :key="one.day + one.outcome" class="quiet-text">
          {{ t('meaningStrip.alsoValidFrom', one) }}
        </p>
        <p v-for="step in moved" :key="`${step.condition}${step.finding}`" class="number">
          {{ findingName(step.finding, catalogue.catalogue) }} {{ step.outcome }}:
          {{ catalogue.conditionLabel(step.condition) }} {{ inHundred(step.before) }} →
          <b>{{ inHundred(step.after) }}</b>
          {{ t('meaningStrip.in100') }}
        </p>
      </template>
    </div>
  </aside>
</template>

<style scoped>
.meaning {
  display: flex;
  gap: 22px;
  align-items: center;
  min-height: 86px;
  padding: 8px 24px;
  background: var(--fill);
  border: 1px solid var(--line);
}
.fact {
  display: grid;
  flex: none;
}
.fact span:last-child {
  font-size: var(--type-small);
  color: var(--text-2);
}
.big {
  font-size: var(--type-title);
  font-weight: 680;
  line-height: 1.15;
}
.big small {
  font-size: var(--type-base);
  font-weight: 400;
}
.provisional .big {
  text-decoration: underline dashed 2px;
  text-underline-offset: 5px;
}
.words {
  display: grid;
  gap: 2px;
  color: var(--text-2);
  font-size: var(--type-note);
}
.words b {
  color: var(--ink);
}
.quiet-text {
  color: var(--text-2);
}
@media (--phone) {
  .meaning {
    gap: 14px;
    padding: 6px 12px;
    min-height: 64px;
  }
  .big {
    font-size: var(--type-head);
  }
  .words {
    font-size: var(--type-small);
  }
}
</style>
