<script setup lang="ts">
import { computed, shallowRef } from 'vue'
import type { ConditionId, Problem } from '@/contract/types'
import { t } from '@/messages/views'
import { shortName } from '@/plateau/shapes'
import TopBar from '@/frame/TopBar.vue'
import { findingName, withOutcome } from '@/stores/words'
import { capital, inHundred, kneeOf } from '@/shared/words'
import { useCatalogue } from '@/stores/catalogue'
import { useOpenExamination } from '@/stores/openExamination'
import { useOpen } from '@/stores/useOpen'
import { useVerdict } from '@/stores/verdict'
import { weighedInput } from '@/stores/weighedInput'
import WeighBoard from '@/weighup/WeighBoard.vue'
import UiAlert from '@/ui/UiAlert.vue'
import UiButton from '@/ui/UiButton.vue'
import UiWaiting from '@/ui/UiWaiting.vue'

const props = defineProps<{ id: string; condition: string }>()
const catalogue = useCatalogue()
const opened = useOpenExamination()
const verdict = useVerdict()
const input = shallowRef<Problem | null>(null)
const { ready, problem } = useOpen({
  id: () => props.id,
  afterwards: async () => {
    input.value = await weighedInput(props.id)
  },
})

const assessment = computed(() => verdict.assessment)
const title = computed(() => capital(catalogue.conditionLabel(props.condition as ConditionId)))
const weighed = computed(() => assessment.value?.conditions.find((c) => c.id === props.condition))
const order = computed(() => [...new Set((assessment.value?.trace ?? []).map((step) => step.finding))])
const steps = computed(() => (assessment.value?.trace ?? []).filter((step) => step.condition === props.condition))
const excluded = computed(() => assessment.value?.excluded ?? [])

function nameOf(finding: string): string {
  return findingName(finding, catalogue.catalogue)
}
</script>

<template>
  <TopBar />
  <main class="weigh">
    <header>
      <div>
        <p class="quiet-text">
          {{ t('weighUpView.weighUpKnee', { name: opened.head?.athlete.name, knee: kneeOf(opened.hurtSide) }) }}
        </p>
        <h1>{{ title }}</h1>
      </div>
      <UiButton kind="main" :to="{ name: 'bench', params: { id } }">{{ t('weighUpView.backToTheBench') }}</UiButton>
    </header>
    <nav v-if="ready" :aria-label="t('weighUpView.condition')">
      <UiButton
        v-for="c in assessment?.conditions ?? []"
        :key="c.id"
        :class="{ here: c.id === condition }"
        :aria-current="c.id === condition ? 'page' : undefined"
        :aria-label="
          c.tellsChance
            ? t('weighUpView.in100', {
                short: shortName(c.id),
                chance: inHundred(c.posttest),
                condition: catalogue.conditionLabel(c.id),
              })
            : catalogue.conditionLabel(c.id)
        "
        :to="{ name: 'weigh', params: { id, condition: c.id } }"
        replace
      >
        {{ shortName(c.id) }}
        <b v-if="c.tellsChance" class="number">{{ inHundred(c.posttest) }}</b>
      </UiButton>
    </nav>
    <UiAlert v-if="problem" :say="problem" />
    <WeighBoard v-if="input" :problem="input" :condition="condition" :order="order" :name-of="nameOf" what-if />
    <UiWaiting v-else-if="!problem" :label="t('weighUpView.weighingThisKnee')" />
    <section v-if="(input || problem) && steps.length > 0" aria-labelledby="sources">
      <h2 id="sources">{{ t('weighUpView.whereTheFiguresComeFrom') }}</h2>
      <ul>
        <li v-for="step in steps" :key="step.finding">
          <b>{{ nameOf(step.finding) }}</b>
          {{
            t('weighUpView.grade', {
              source: step.source,
              grade: step.grade,
              checked: step.checked ?? t('weighUpView.notYetCheckedAgainstThePaper'),
            })
          }}
        </li>
      </ul>
    </section>
    <section v-if="(input || problem) && excluded.length > 0" aria-labelledby="without">
      <h2 id="without">{{ t('weighUpView.onRecordNotWeighed') }}</h2>
      <ul>
        <li v-for="e in excluded" :key="e.finding">
          <b class="slashed">{{ withOutcome(nameOf(e.finding), e.outcome) }}</b>
          {{ e.reason }}
        </li>
      </ul>
    </section>
    <p class="caution">
      <b>{{ t('weighUpView.aChanceNotADiagnosis') }}</b>
      {{
        t('weighUpView.theFiguresAreAStartingSet', {
          unsettled: weighed?.unsettled ? t('weighUpView.inconclusiveReExamineBeforeItIs') : '',
        })
      }}
    </p>
  </main>
</template>

<style scoped>
.weigh {
  max-width: 1280px;
  margin: 0 auto;
  padding: 20px clamp(14px, 3vw, 40px) 40px;
  display: grid;
  gap: 16px;
}
.weigh > header {
  display: flex;
  flex-wrap: wrap;
  justify-content: space-between;
  align-items: center;
  gap: 14px;
}
nav {
  display: flex;
  flex-wrap: wrap;
  gap: 4px;
}
nav .button {
  gap: 7px;
  padding: 0 12px;
  border-color: var(--line);
  font-size: var(--type-note);
}
nav .here {
  color: var(--on-band);
  background: var(--band);
}
h2 {
  margin-bottom: 6px;
}
ul {
  display: grid;
  gap: 4px;
  color: var(--text-2);
}
.caution {
  padding-top: 12px;
  border-top: 2px solid var(--ink);
  font-size: var(--type-note);
  color: var(--text-2);
}
</style>
