<script setup lang="ts">
import { t } from '@/messages/bench'
import { asText } from '@/shared/values'
import { computed, ref } from 'vue'
import { useRouter } from 'vue-router'
import { answerOf, api } from '@/api/client'
import { useDoing } from '@/shared/useDoing'
import type { Payload } from '@/contract/types'
import { inWords } from '@/stores/words'
import { useCatalogue } from '@/stores/catalogue'
import { useExamination } from '@/stores/examination'
import { useOpenExamination } from '@/stores/openExamination'
import { useQuestions } from './useQuestions'
import KneeDialog from './KneeDialog.vue'
import SurgeonsWord from './SurgeonsWord.vue'
import UiAlert from '@/ui/UiAlert.vue'
import UiButton from '@/ui/UiButton.vue'
import UiNumber from '@/ui/UiNumber.vue'
import UiSelect from '@/ui/UiSelect.vue'
import UiToggle from '@/ui/UiToggle.vue'

const emit = defineEmits<{ episode: [part: Payload]; frame: [part: Payload] }>()
const changing = ref(false)
const router = useRouter()
const catalogue = useCatalogue()
const examination = useExamination()
const opened = useOpenExamination()
const { episode: questions } = useQuestions()
/** Both knees are sound: nothing happened, and there is neither side nor day to be wrong. */
const isBaseline = computed(() => opened.head?.isBaseline === true)
const texts = computed(() => questions.value.filter(({ key }) => !isBaseline.value || key !== 'whatHappened'))
const episode = computed(() => opened.section('episode'))
const answers = computed(() => opened.answers('episode'))
const frame = computed(() => opened.section('frame'))
const fresh = computed(() => typeof frame.value.daysSinceInjury === 'number' && frame.value.daysSinceInjury <= 1)
const operated = computed(() => episode.value.operated)

const operations = computed(() => [
  ...(catalogue.catalogue?.conditions ?? []).map(({ id, label }) => ({
    id: id as string,
    label: t('episodeFacts.for', { label }),
  })),
  { id: 'other', label: t('episodeFacts.forSomethingElse') },
])

const { problem, attempt } = useDoing()

/** Both are hurt: the other one has an examination of its own, at the same visit. */
function examineOther(): void {
  void attempt(async () => {
    const path = { examination: opened.head!.id }
    const { id } = await answerOf(api.POST('/api/examinations/{examination}/other-knee', { params: { path } }))
    await router.push({ name: 'bench', params: { id } })
  })
}

function textOf(event: Event): string {
  return (event.target as HTMLInputElement).value.trim()
}

function operate(part: Partial<{ what: string; weeksAgo: number }>): void {
  const next = { what: operated.value?.what ?? 'other', weeksAgo: operated.value?.weeksAgo ?? 0, ...part }
  emit('episode', { operated: next.what === '' ? undefined : next })
}
</script>

<template>
  <section aria-labelledby="facts">
    <header>
      <h2 id="facts">{{ isBaseline ? t('episodeFacts.aboutTheseKnees') : t('episodeFacts.injuryDetails') }}</h2>
      <UiButton v-if="!isBaseline" kind="quiet" @click="changing = true">
        {{ t('episodeFacts.correctSideOrDay') }}
      </UiButton>
    </header>
    <KneeDialog v-if="changing" @close="changing = false" />
    <div class="facts">
      <label v-for="text in texts" :key="text.key" class="field" :class="{ wide: text.key === 'whatHappened' }">
        <span>{{ text.ask }}</span>
        <input
          type="text"
          maxlength="4000"
          :value="asText(answers[text.key]) ?? ''"
          @change="(event) => emit('episode', { [text.key]: textOf(event) })"
        />
      </label>
      <UiNumber
        v-if="fresh"
        :label="t('episodeFacts.hoursSinceTheInjury')"
        :value="frame.hoursSinceInjury ?? undefined"
        :least="0"
        :most="48"
        unit="hours"
        @change="(hours) => emit('frame', { hoursSinceInjury: hours })"
      />
      <template v-if="!isBaseline">
        <UiSelect
          :label="t('episodeFacts.fluidAspiratedFromTheKnee')"
          :none="t('episodeFacts.notAsked')"
          :value="episode.fluidDrawn ?? undefined"
          :options="catalogue.choices('fluidDrawn').map((kind) => ({ id: kind, label: inWords(kind) }))"
          @change="(kind) => emit('episode', { fluidDrawn: kind })"
        />
        <UiNumber
          v-if="episode.fluidDrawn && episode.fluidDrawn !== 'none'"
          :label="t('episodeFacts.aspiratedDaysAgo')"
          :value="episode.fluidDrawnDaysAgo ?? undefined"
          :least="0"
          :most="3650"
          whole
          unit="days"
          @change="(days) => emit('episode', { fluidDrawnDaysAgo: days })"
        />
        <UiNumber
          :label="t('episodeFacts.injectionIntoTheKneeWeeksAgo')"
          :value="episode.injectionWeeksAgo ?? undefined"
          :least="0"
          :most="52"
          whole
          unit="weeks"
          @change="(weeks) => emit('episode', { injectionWeeksAgo: weeks })"
        />
      </template>
      <UiSelect
        :label="t('episodeFacts.thisKneeWasOperatedOn')"
        :none="t('episodeFacts.noOrNotAsked')"
        :value="operated?.what"
        :options="operations"
        @change="(what) => operate({ what: what ?? '' })"
      />
      <UiNumber
        v-if="operated"
        :label="t('episodeFacts.weeksSinceTheOperation')"
        :value="operated.weeksAgo"
        :least="0"
        :most="3000"
        whole
        unit="weeks"
        @change="(weeks) => operate({ weeksAgo: weeks ?? 0 })"
      />
      <UiSelect
        :label="t('episodeFacts.jointReplacementPlateOrNailIn')"
        :none="t('episodeFacts.notAsked')"
        :value="episode.implant ?? undefined"
        :options="catalogue.choices('implant').map((kind) => ({ id: kind, label: inWords(kind) }))"
        @change="(kind) => emit('episode', { implant: kind })"
      />
      <SurgeonsWord
        v-if="operated"
        :value="episode.surgeonSaid"
        @change="(surgeonSaid) => emit('episode', { surgeonSaid })"
      />
      <UiToggle
        :on="episode.bleedingRisk === true"
        @toggle="emit('episode', { bleedingRisk: episode.bleedingRisk === true ? undefined : true })"
      >
        {{ t('episodeFacts.bleedsEasilyOrTakesBloodThinners') }}
      </UiToggle>
      <UiToggle
        v-if="!isBaseline"
        :on="frame.otherKneeReliable === false"
        @toggle="emit('frame', { otherKneeReliable: frame.otherKneeReliable === false ? undefined : false })"
      >
        {{ t('episodeFacts.otherKneeWasHurtTooNo') }}
      </UiToggle>
      <UiButton
        v-if="frame.otherKneeReliable === false && !opened.head?.twin && !isBaseline"
        :disabled="examination.saveState !== 'saved'"
        @click="examineOther"
      >
        {{ t('episodeFacts.examineTheKneeToo', { otherSide: opened.otherSide }) }}
      </UiButton>
      <UiAlert v-if="problem" class="wide" :say="problem" />
    </div>
  </section>
</template>

<style scoped>
header {
  display: flex;
  justify-content: space-between;
  align-items: center;
}
h2 {
  margin-bottom: 8px;
}
.facts {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 12px 20px;
  align-items: end;
}
.facts .wide {
  grid-column: 1 / -1;
}
@media (--phone) {
  .facts {
    grid-template-columns: 1fr;
  }
}
</style>
