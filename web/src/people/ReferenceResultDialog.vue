<script setup lang="ts">
import { t } from '@/messages/people'
import { required } from '@/ui/rules'
import { computed, onMounted, reactive, ref } from 'vue'
import { answerOf, api } from '@/api/client'
import type { ConditionId, ReferenceResult, NewReferenceResult, Episode } from '@/contract/types'
import { today } from '@/shared/dates'
import { useDoing } from '@/shared/useDoing'
import { capital, inHundred, kneeOf } from '@/shared/words'
import UiAlert from '@/ui/UiAlert.vue'
import UiButton from '@/ui/UiButton.vue'
import UiChoice from '@/ui/UiChoice.vue'
import UiDialog from '@/ui/UiDialog.vue'
import UiForm from '@/ui/UiForm.vue'
import UiMore from '@/ui/UiMore.vue'
import UiSelect from '@/ui/UiSelect.vue'
import UiDate from '@/ui/UiDate.vue'
import UiText from '@/ui/UiText.vue'
import UiWaiting from '@/ui/UiWaiting.vue'
import { tell } from '@/ui/telling'
import { PROPOSED, isProposed } from './proposed'

/** What a knee turned out to have: one tap where it is what was held likely, line by line where it is more. */
const props = defineProps<{ episode: string; task?: string; result?: ReferenceResult }>()
const emit = defineEmits<{ close: []; saved: [] }>()

/** So many of the likeliest are offered for one tap. */
const OFFERED = 3
/** Behind every rank. */
const LAST = 99
type Treatment = ReferenceResult['treated']
const SEEN = [
  { id: 'present' as const, label: t('referenceResultDialog.found') },
  { id: 'absent' as const, label: t('referenceResultDialog.notFound') },
]
const TREATMENTS: { id: Treatment; label: string }[] = [
  { id: 'none', label: t('referenceResultDialog.untreated') },
  { id: 'repaired', label: t('referenceResultDialog.repaired') },
  { id: 'reconstructed', label: t('referenceResultDialog.reconstructed') },
  { id: 'removed', label: t('referenceResultDialog.removed') },
  { id: 'replaced', label: t('referenceResultDialog.replaced') },
]
const GRADES = [1, 2, 3].map((id) => ({ id, label: t('referenceResultDialog.grade2', { id }) }))

type Row = { seen: 'present' | 'absent' | null; grade: number | null }

const knee = ref<Episode | null>(null)
const { busy, problem, attempt } = useDoing()
const before = props.result
const given = reactive({ on: before?.on ?? today(), weeks: String(before?.weeks ?? ''), note: before?.note ?? '' })
const kind = ref<NewReferenceResult['kind']>(before?.kind ?? 'mri')
const rows = reactive<Partial<Record<ConditionId, Row>>>(
  Object.fromEntries((before?.answers ?? []).map((one) => [one.condition, { seen: one.seen, grade: one.grade }])),
)
const treated = ref<Treatment>(before?.treated ?? 'none')
const RULES = { on: required(t('referenceResultDialog.theDayIsMissing')) }

const chosen = computed(() => knee.value?.choices.kinds.find((one) => one.id === kind.value))
const tells = computed(() => chosen.value?.tells ?? [])
const treats = computed(() => chosen.value?.treats === true)
/** The injuries that such a look can tell, in the order in which they were held likely, each with what was said of it then. */
const conditions = computed(() => {
  const predicted = new Map((knee.value?.predicted?.conditions ?? []).map((one) => [one.id, one]))
  return (knee.value?.choices.conditions ?? [])
    .filter((one) => tells.value.includes(one.id))
    .map((one) => ({ ...one, predicted: predicted.get(one.id) }))
    .sort((one, other) => place(one) - place(other))
})
const likely = computed(() => conditions.value.filter((one) => one.predicted || isAsked(one.id)).slice(0, OFFERED))
const isAsked = (id: ConditionId) => knee.value?.asked.includes(id) === true
/** What was asked comes before what was held likely. */
const place = ({ id, predicted }: { id: ConditionId; predicted?: { rank: number } }) =>
  (isAsked(id) ? 0 : LAST) + (predicted?.rank ?? LAST)
const answers = computed<NewReferenceResult['answers']>(() =>
  Object.entries(rows).flatMap(([condition, row]) =>
    row.seen === null || !tells.value.includes(condition as ConditionId)
      ? []
      : [
          {
            condition: condition as ConditionId,
            seen: row.seen,
            grade: row.seen === 'present' ? row.grade : null,
          },
        ],
  ),
)

function rowOf(condition: ConditionId): Row {
  return rows[condition] ?? { seen: null, grade: null }
}

/** A second tap on the same takes it back. */
function pick<K extends keyof Row>(condition: ConditionId, key: K, value: Row[K]): void {
  const row = rowOf(condition)
  rows[condition] = { ...row, [key]: row[key] === value ? null : value }
}

async function save(said: NewReferenceResult['answers']): Promise<void> {
  const body: NewReferenceResult = {
    kind: kind.value,
    on: given.on,
    answers: said,
    note: given.note,
    treated: treats.value ? treated.value : 'none',
    weeks: kind.value === 'clinical_course' && given.weeks.trim() !== '' ? Number(given.weeks) : null,
    task: props.task ?? null,
  }
  let answer: unknown
  const done = await attempt(async () => {
    answer = before
      ? await answerOf(api.PUT('/api/reference-results/{result}', { params: { path: { result: before.id } }, body }))
      : await answerOf(
          api.POST('/api/episodes/{episode}/reference-results', { params: { path: { episode: props.episode } }, body }),
        )
  })
  if (!done) return
  tell(isProposed(answer) ? PROPOSED : 'Saved. You can change or remove it under this knee.')
  emit('saved')
}

const none = computed<NewReferenceResult['answers']>(() =>
  conditions.value.map((one) => ({ condition: one.id, seen: 'absent' as const })),
)

onMounted(() =>
  attempt(async () => {
    const path = { episode: props.episode }
    const query = { task: props.task }
    knee.value = await answerOf(api.GET('/api/episodes/{episode}', { params: { path, query } }))
  }),
)
</script>

<template>
  <UiDialog
    :title="
      knee
        ? t('referenceResultDialog.kneeEnterResult', {
            knee: capital(kneeOf(knee.hurtSide)),
          })
        : t('referenceResultDialog.result')
    "
    @close="emit('close')"
  >
    <UiWaiting v-if="!knee && !problem" :label="t('referenceResultDialog.loadingThePredictedChances')" />
    <UiForm
      v-if="knee"
      class="form"
      :label="t('referenceResultDialog.result')"
      :model="given"
      :rules="RULES"
      @submit="save(answers)"
    >
      <UiChoice
        class="kinds"
        :label="t('referenceResultDialog.source')"
        :value="kind"
        :options="knee.choices.kinds"
        @pick="(picked) => (kind = picked)"
      />
      <div class="pair">
        <UiDate v-model="given.on" :label="t('referenceResultDialog.on')" prop="on" />
        <UiText
          v-if="kind === 'clinical_course'"
          v-model="given.weeks"
          :label="t('referenceResultDialog.weeksOfFollowUp')"
          prop="weeks"
        />
      </div>
      <UiSelect
        v-if="treats"
        :label="t('referenceResultDialog.treatment')"
        :value="treated"
        :options="TREATMENTS"
        @change="(picked) => (treated = picked ?? 'none')"
      />
      <template v-if="!before">
        <h3>{{ t('referenceResultDialog.foundOneTapSavesIt') }}</h3>
        <p class="quick">
          <UiButton
            v-for="one in likely"
            :key="one.id"
            :disabled="busy"
            @click="save([{ condition: one.id, seen: 'present' }])"
          >
            {{ capital(one.label) }}
            <small class="number">
              {{
                [
                  isAsked(one.id) && 'asked',
                  one.predicted &&
                    t('referenceResultDialog.predictedIn100', { chance: inHundred(one.predicted.chance) }),
                ]
                  .filter(Boolean)
                  .join(', ')
              }}
            </small>
          </UiButton>
          <UiButton :disabled="busy" @click="save(none)">
            {{ t('referenceResultDialog.noneOfThem') }}
            <small>{{ t('referenceResultDialog.allWereLookedFor', { n: conditions.length }) }}</small>
          </UiButton>
        </p>
      </template>
      <UiMore :title="t('referenceResultDialog.eachStructureWithGradeAndNotes')" :open="before !== undefined">
        <ul>
          <li v-for="one in conditions" :key="one.id">
            <span>
              {{ capital(one.label) }}
              <small v-if="one.predicted" class="number">
                {{ t('referenceResultDialog.predictedIn100', { chance: inHundred(one.predicted.chance) }) }}
              </small>
            </span>
            <UiChoice
              :label="one.label"
              :value="rowOf(one.id).seen"
              :options="SEEN"
              @pick="(seen) => pick(one.id, 'seen', seen)"
            />
            <UiSelect
              v-if="one.graded && rowOf(one.id).seen === 'present'"
              :label="t('referenceResultDialog.grade', { label: one.label })"
              unseen-label
              :none="t('referenceResultDialog.noGrade')"
              :value="rowOf(one.id).grade ?? undefined"
              :options="GRADES"
              @change="(grade) => pick(one.id, 'grade', grade ?? null)"
            />
          </li>
        </ul>
        <p class="quiet-text">{{ t('referenceResultDialog.structuresThatAreNotMarkedWere') }}</p>
        <UiText v-model="given.note" :label="t('referenceResultDialog.report')" prop="note" type="textarea" />
        <p class="actions">
          <UiButton kind="main" submit :disabled="busy || answers.length === 0">
            {{ t('referenceResultDialog.saveResult') }}
          </UiButton>
        </p>
      </UiMore>
    </UiForm>
    <UiAlert v-if="problem" :say="problem" />
  </UiDialog>
</template>

<style scoped>
.form {
  display: grid;
  gap: 14px;
}
.form .kinds.choices.el-radio-group {
  display: grid;
  grid-template-columns: repeat(3, 1fr);
}
.pair {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 12px;
}
.quick {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
}
.quick :deep(.button) {
  display: grid;
  padding-block: 8px;
  text-align: left;
}
small {
  color: var(--text-2);
  font-weight: 400;
}
li {
  display: grid;
  grid-template-columns: 1fr auto;
  gap: 6px 12px;
  align-items: center;
  padding: 8px 0;
  border-top: 1px solid var(--line);
}
li small {
  display: block;
}
.actions {
  margin-top: 12px;
}
</style>
