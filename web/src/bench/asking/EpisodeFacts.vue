<script setup lang="ts">
import { asText } from '@/shared/values'
import { computed, ref } from 'vue'
import { useRouter } from 'vue-router'
import { answerOf, api } from '@/api/client'
import { useDoing } from '@/shared/useDoing'
import type { Catalogue, Chosen, Payload } from '@/contract/types'
import { inWords } from '@/shared/words'
import { useCatalogue } from '@/stores/catalogue'
import { useExamination } from '@/stores/examination'
import { useRecord } from '@/stores/record'
import { useVerdict } from '@/stores/verdict'
import { useQuestions } from './useQuestions'
import KneeDialog from './KneeDialog.vue'
import UiAlert from '@/ui/UiAlert.vue'
import UiButton from '@/ui/UiButton.vue'
import UiSelect from '@/ui/UiSelect.vue'
import UiToggle from '@/ui/UiToggle.vue'

const emit = defineEmits<{ episode: [part: Payload]; frame: [part: Payload] }>()
const changing = ref(false)
const router = useRouter()
const catalogue = useCatalogue()
const examination = useExamination()
const record = useRecord()
const verdict = useVerdict()
const { episode: questions } = useQuestions()
/** Both knees are sound: nothing happened, and there is neither side nor day to be wrong. */
const isBaseline = computed(() => record.head?.isBaseline === true)
const texts = computed(() => questions.value.filter(({ key }) => !isBaseline.value || key !== 'whatHappened'))
const episode = computed(() => record.section('episode'))
const answers = computed(() => record.answers('episode'))
const frame = computed(() => record.section('frame'))
const fresh = computed(() => typeof frame.value.daysSinceInjury === 'number' && frame.value.daysSinceInjury <= 1)
const operated = computed(() => episode.value.operated)
const schools = computed<Chosen>(() => frame.value.schools ?? {})
/** The days since the injury choose the setting, unless somebody says why not. */
const otherSetting = computed(
  () => frame.value.settingChosen !== undefined || verdict.assessment?.setting !== frame.value.setting,
)

const operations = computed(() => [
  ...(catalogue.catalogue?.conditions ?? []).map(({ id, label }) => ({ id: id as string, label: `for: ${label}` })),
  { id: 'other', label: 'for something else' },
])

const { problem, attempt } = useDoing()

/** Both are hurt: the other one has an examination of its own, at the same visit. */
function examineOther(): void {
  void attempt(async () => {
    const path = { examination: record.head!.id }
    const { id } = await answerOf(api.POST('/api/examinations/{examination}/other-knee', { params: { path } }))
    await router.push({ name: 'bench', params: { id } })
  })
}

function sourceOf(group: Catalogue['schools'][number]): string {
  return group.options.find(({ id }) => id === (schools.value[group.id] ?? group.preset))?.source ?? ''
}

function textOf(event: Event): string {
  return (event.target as HTMLInputElement).value.trim()
}

function numberOf(event: Event): number | undefined {
  const text = textOf(event)
  return text === '' ? undefined : Number(text)
}

function operate(part: Partial<{ what: string; weeksAgo: number }>): void {
  const next = { what: operated.value?.what ?? 'other', weeksAgo: operated.value?.weeksAgo ?? 0, ...part }
  emit('episode', { operated: next.what === '' ? undefined : next })
}
</script>

<template>
  <section aria-labelledby="facts">
    <header>
      <h2 id="facts">{{ isBaseline ? 'About these knees' : 'Facts of this injury' }}</h2>
      <UiButton v-if="!isBaseline" kind="quiet" @click="changing = true">Wrong side or day?</UiButton>
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
      <label v-if="fresh" class="field">
        <span>Hours since the injury</span>
        <input
          type="number"
          min="0"
          max="48"
          step="0.1"
          :value="frame.hoursSinceInjury ?? ''"
          @change="(event) => emit('frame', { hoursSinceInjury: numberOf(event) })"
        />
      </label>
      <UiSelect
        label="Fluid drawn from the knee"
        none="not asked"
        :value="episode.fluidDrawn ?? undefined"
        :options="catalogue.choices('fluidDrawn').map((kind) => ({ id: kind, label: inWords(kind) }))"
        @change="(kind) => emit('episode', { fluidDrawn: kind })"
      />
      <label class="field">
        <span>Injection into the knee, weeks ago</span>
        <input
          type="number"
          min="0"
          max="52"
          :value="episode.injectionWeeksAgo ?? ''"
          @change="(event) => emit('episode', { injectionWeeksAgo: numberOf(event) })"
        />
      </label>
      <UiSelect
        label="This knee was operated on"
        none="no, or not asked"
        :value="operated?.what"
        :options="operations"
        @change="(what) => operate({ what: what ?? '' })"
      />
      <label v-if="operated" class="field">
        <span>Weeks since the operation</span>
        <input
          type="number"
          min="0"
          max="3000"
          :value="operated.weeksAgo"
          @change="(event) => operate({ weeksAgo: numberOf(event) ?? 0 })"
        />
      </label>
      <UiToggle
        :on="episode.bleedingRisk === true"
        @toggle="emit('episode', { bleedingRisk: episode.bleedingRisk === true ? undefined : true })"
      >
        Bleeds easily, or takes blood thinners
      </UiToggle>
      <UiToggle
        :on="frame.otherKneeReliable === false"
        @toggle="emit('frame', { otherKneeReliable: frame.otherKneeReliable === false ? undefined : false })"
      >
        Other knee was hurt too: no fair comparison
      </UiToggle>
      <UiButton
        v-if="frame.otherKneeReliable === false && !record.head?.twin && !isBaseline"
        :disabled="examination.saveState !== 'saved'"
        @click="examineOther"
      >
        Examine the {{ record.otherSide }} knee too
      </UiButton>
      <UiAlert v-if="problem" class="wide" :say="problem" />
    </div>
    <h2 id="judged" class="next">
      Judged by
      <small>for this examination</small>
    </h2>
    <div class="facts schools">
      <UiSelect
        label="Seen as"
        :value="frame.setting"
        :options="catalogue.catalogue?.settings ?? []"
        @change="(setting) => emit('frame', { setting })"
      />
      <label v-if="otherSetting" class="field">
        <span>Why, though the days since the injury say otherwise</span>
        <input
          type="text"
          minlength="3"
          maxlength="200"
          :value="frame.settingChosen ?? ''"
          @change="(event) => emit('frame', { settingChosen: textOf(event) })"
        />
      </label>
      <div v-for="school in catalogue.catalogue?.schools ?? []" :key="school.id" class="school">
        <UiSelect
          :label="school.label"
          :value="schools[school.id] ?? school.preset"
          :options="school.options"
          @change="(option) => emit('frame', { schools: { ...schools, [school.id]: option } })"
        />
        <small class="quiet-text">{{ sourceOf(school) }}</small>
      </div>
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
h2 small {
  font-weight: 400;
  color: var(--text-3);
  margin-left: 6px;
}
.next {
  margin-top: 22px;
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
