<script setup lang="ts">
import { computed } from 'vue'
import type { Assessment, ConditionId } from '@/contract/types'
import { t } from '@/messages/plateau'
import UiButton from '@/ui/UiButton.vue'
import UiDialog from '@/ui/UiDialog.vue'
import { findingName } from '@/stores/words'
import { day } from '@/shared/dates'
import { capital, inHundred, rangeInHundred, ratio } from '@/shared/words'
import { useCatalogue } from '@/stores/catalogue'

const props = defineProps<{ assessment: Assessment; condition: ConditionId }>()
const emit = defineEmits<{ close: []; weigh: [] }>()
const catalogue = useCatalogue()

const verdict = computed(() => props.assessment.conditions.find((c) => c.id === props.condition)!)
const steps = computed(() => props.assessment.trace.filter((step) => step.condition === props.condition))
const answer = computed(() => props.assessment.answers.find((a) => a.condition === props.condition))
const title = computed(() => capital(catalogue.conditionLabel(props.condition)))

const known = computed(() => {
  const look = verdict.value.known
  if (!look) return ''
  const said = { by: catalogue.label('knownBy', look.by), day: day(look.on) }
  if (verdict.value.zone === 'confirmed') return t('evidenceChain.confirmedBy', said)
  if (verdict.value.zone === 'excluded') return t('evidenceChain.excludedBy', said)
  return look.present ? t('evidenceChain.scanShowed', said) : t('evidenceChain.scanDidNotShow', said)
})

function echo(share: number | null): string {
  return share !== null && share > 0.005 ? t('evidenceChain.countedAsOverlap', { share: Math.round(share * 100) }) : ''
}
</script>

<template>
  <UiDialog :title="title" @close="emit('close')">
    <p v-if="known" class="known">
      <b>{{ known }}</b>
      <small v-if="verdict.known?.before">{{ t('evidenceChain.beforeThisEpisode') }}</small>
    </p>
    <p v-if="verdict.tellsChance" class="big number">
      {{ inHundred(verdict.pretest) }}
      <span>→</span>
      {{ inHundred(verdict.posttest) }}
      <small>{{ t('evidenceChain.outOf100SimilarKnees') }}</small>
    </p>
    <p v-if="verdict.tellsChance" class="quiet-text">
      {{
        t('evidenceChain.n95RangeAssumingIndependentTests', {
          interval: rangeInHundred(verdict.interval),
          textbook: inHundred(verdict.textbook),
          strongest: inHundred(verdict.strongest),
        })
      }}
    </p>
    <p v-if="steps.length === 0" class="none">
      {{ t('evidenceChain.noTestOfThisStructureIs') }}
    </p>
    <ol v-else>
      <li v-for="step in steps" :key="step.finding" :class="[step.outcome, { carried: step.finding.includes('@') }]">
        <span class="what">
          <b>{{ findingName(step.finding, catalogue.catalogue) }} {{ step.outcome }}</b>
          <small>{{ step.source }} · {{ step.checked ?? t('evidenceChain.notYetCheckedAgainstThePaper') }}</small>
        </span>
        <span class="lr number">
          {{ t('evidenceChain.lr', { publishedLr: ratio(step.publishedLr), appliedLr: ratio(step.appliedLr) }) }}
          <small>{{ echo(step.echoShare) }}</small>
        </span>
        <span class="step number">
          {{ inHundred(step.before) }} →
          <b>{{ inHundred(step.after) }}</b>
        </span>
      </li>
    </ol>
    <div v-if="answer" class="answer">
      <b>{{ answer.mistake }}</b>
      <p>{{ answer.answer }}</p>
    </div>
    <p class="onward">
      <UiButton @click="emit('weigh')">{{ t('evidenceChain.weighUpAndWhatIf') }}</UiButton>
    </p>
    <p class="quiet-text foot">
      {{ t('evidenceChain.aChanceNotADiagnosisThe') }}
    </p>
  </UiDialog>
</template>

<style scoped>
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
  color: var(--text-3);
}
ol {
  margin: 14px 0;
  border-top: 1px solid var(--line);
}
li {
  display: grid;
  grid-template-columns: 1fr auto 76px;
  gap: 12px;
  padding: 8px 0;
  border-bottom: 1px solid var(--line);
}
.known {
  margin-bottom: 8px;
}
.known small {
  display: block;
  color: var(--text-3);
}
.carried {
  padding-left: 10px;
  border-left: 3px double var(--line-2);
}
li small {
  display: block;
  color: var(--text-3);
}
.lr {
  text-align: right;
}
.step {
  text-align: right;
}
.none {
  margin: 14px 0;
  padding: 12px;
  background: var(--fill);
  border-radius: var(--radius);
}
.answer {
  margin-top: 12px;
  padding-left: 12px;
  border-left: 3px solid var(--ink);
}
.onward {
  margin-top: 14px;
}
.foot {
  margin-top: 14px;
  font-size: var(--type-small);
}
</style>
