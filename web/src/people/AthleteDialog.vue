<script setup lang="ts">
import { t } from '@/messages/people'
import { required } from '@/ui/rules'
import { computed, onMounted, reactive, ref, watch } from 'vue'
import { ApiError, Unreachable, answerOf, api } from '@/api/client'
import type { AthleteFacts, AthleteProfile, AthleteSummary, AthleteWithExaminations, Similar } from '@/contract/types'
import { lookForJudge } from '@/judge'
import { today, yearsSince } from '@/shared/dates'
import { TRANSLATIONS } from '@/shared/languages'
import { useDoing } from '@/shared/useDoing'
import { rosterHere } from '@/stores/roster'
import { newId } from '@/sync'
import UiAlert from '@/ui/UiAlert.vue'
import UiButton from '@/ui/UiButton.vue'
import UiChoice from '@/ui/UiChoice.vue'
import UiDialog from '@/ui/UiDialog.vue'
import UiForm from '@/ui/UiForm.vue'
import UiMore from '@/ui/UiMore.vue'
import UiSelect from '@/ui/UiSelect.vue'
import UiSuggest from '@/ui/UiSuggest.vue'
import UiDate from '@/ui/UiDate.vue'
import UiText from '@/ui/UiText.vue'

/** A new athlete in three fields, or what is known of one changed. */
const props = defineProps<{ athlete?: AthleteWithExaminations; name?: string }>()
const emit = defineEmits<{
  close: []
  saved: [athlete: AthleteWithExaminations]
  /** The server is away: they are added when it is back, together with their first examination. */
  kept: [athlete: AthleteSummary, facts: AthleteFacts]
}>()

const SEXES = [
  { id: 'female' as const, label: t('athleteDialog.female') },
  { id: 'male' as const, label: t('athleteDialog.male') },
]
const LEGS = [
  { id: 'left' as const, label: t('athleteDialog.left') },
  { id: 'right' as const, label: t('athleteDialog.right') },
]
const missing = (what: string) => required(t('athleteDialog.isMissing', { what }))
const RULES = {
  name: missing(t('athleteDialog.theName')),
  bornOn: missing(t('athleteDialog.theBirthDate')),
  squad: missing(t('athleteDialog.theSquad')),
}

const squads = ref<string[]>([])
const similar = ref<Similar>([])
const { busy, problem, attempt } = useDoing()
const known = props.athlete?.profile
const given = reactive({
  name: props.athlete?.name ?? props.name ?? '',
  bornOn: props.athlete?.bornOn ?? '',
  squad: props.athlete?.squad ?? '',
  number: props.athlete?.number ?? '',
  heightCm: String(known?.heightCm ?? ''),
  massKg: String(known?.massKg ?? ''),
  sport: known?.sport ?? '',
  doctor: known?.doctor ?? '',
  guardian: known?.guardian ?? '',
  notes: known?.notes ?? '',
  alsoIn: known?.alsoIn ?? '',
  coachToldBy: known?.coachToldBy ?? '',
  coachToldFrom: known?.coachToldFrom ?? '',
  coachToldUntil: known?.coachToldUntil ?? '',
})
// Who agrees today is told of from today, unless another day is given.
watch(
  () => given.coachToldBy,
  (by) => {
    if (by !== '' && given.coachToldFrom === '') given.coachToldFrom = today()
  },
)
const sex = ref<AthleteProfile['sex']>(known?.sex ?? null)
const leadingLeg = ref<AthleteProfile['leadingLeg']>(known?.leadingLeg ?? null)
const language = ref<AthleteProfile['language']>(known?.language ?? null)
const title = computed(() => (props.athlete ? t('athleteDialog.editDetails') : t('athleteDialog.newAthlete')))

function facts(isAnother: boolean): AthleteFacts {
  const { name, bornOn, squad, number, heightCm, massKg, coachToldFrom, coachToldUntil, ...texts } = given
  const whole = (typed: string) => (typed.trim() === '' ? null : Number(typed))
  return {
    name,
    bornOn,
    squad,
    number: number.trim() === '' ? null : number,
    isAnother,
    profile: {
      ...texts,
      coachToldFrom: coachToldFrom || null,
      coachToldUntil: coachToldUntil || null,
      sex: sex.value ?? null,
      leadingLeg: leadingLeg.value ?? null,
      language: language.value ?? null,
      heightCm: whole(heightCm),
      massKg: whole(massKg),
    },
  }
}

async function save(isAnother = false): Promise<void> {
  similar.value = []
  const body = facts(isAnother)
  await attempt(async () => {
    try {
      const saved = props.athlete
        ? await answerOf(api.PUT('/api/athletes/{athlete}', { params: { path: { athlete: props.athlete.id } }, body }))
        : await answerOf(api.POST('/api/athletes', { body }))
      emit('saved', saved)
    } catch (error) {
      if (error instanceof Unreachable && (await keepHere(body))) return
      if (!(error instanceof ApiError) || error.status !== 409) throw error
      similar.value = error.body.similar as Similar
    }
  })
}

/** Without the server a new athlete can be examined where this device judges by itself. */
async function keepHere(body: AthleteFacts): Promise<boolean> {
  if (props.athlete || !(await lookForJudge())) return false
  const { name, bornOn, squad, number = null } = body
  emit('kept', { id: newId(), name, squad, number, age: yearsSince(bornOn) }, body)
  return true
}

function again<T>(value: T, picked: T): T | null {
  return value === picked ? null : picked
}

onMounted(async () => {
  squads.value = await answerOf(api.GET('/api/squads')).catch(async () => [
    ...new Set((await rosterHere(''))?.map(({ squad }) => squad)),
  ])
})
</script>

<template>
  <UiDialog :title="title" @close="emit('close')">
    <UiForm class="form" :label="t('athleteDialog.facts', { title })" :model="given" :rules="RULES" @submit="save()">
      <UiText v-model="given.name" class="wide" :label="t('athleteDialog.name')" prop="name" />
      <UiDate v-model="given.bornOn" :label="t('athleteDialog.birthDate')" prop="bornOn" />
      <UiSuggest v-model="given.squad" :label="t('athleteDialog.squad')" prop="squad" :known="squads" />
      <UiMore class="wide" :title="t('athleteDialog.moreDetails')">
        <div class="form">
          <UiText v-model="given.number" :label="t('athleteDialog.number')" prop="number" />
          <UiText v-model="given.sport" :label="t('athleteDialog.sport')" prop="sport" />
          <div>
            <p class="label">{{ t('athleteDialog.sex') }}</p>
            <UiChoice
              :label="t('athleteDialog.sex')"
              :value="sex"
              :options="SEXES"
              @pick="(picked) => (sex = again(sex, picked))"
            />
          </div>
          <div>
            <p class="label">{{ t('athleteDialog.kickingOrLeadingLeg') }}</p>
            <UiChoice
              :label="t('athleteDialog.kickingOrLeadingLeg')"
              :value="leadingLeg"
              :options="LEGS"
              @pick="(picked) => (leadingLeg = again(leadingLeg, picked))"
            />
          </div>
          <UiText v-model="given.heightCm" :label="t('athleteDialog.heightCm')" prop="heightCm" />
          <UiText v-model="given.massKg" :label="t('athleteDialog.weightKg')" prop="massKg" />
          <UiSelect
            :label="t('athleteDialog.languageOfTheAthletesPage')"
            :value="language ?? undefined"
            :options="TRANSLATIONS"
            :none="t('athleteDialog.english')"
            @change="(picked) => (language = picked ?? null)"
          />
          <UiText v-model="given.doctor" :label="t('athleteDialog.treatingDoctor')" prop="doctor" />
          <UiText v-model="given.guardian" :label="t('athleteDialog.guardianUnder18')" prop="guardian" />
          <UiText
            v-model="given.alsoIn"
            class="wide"
            :label="t('athleteDialog.otherSquadsSeparatedByCommas')"
            prop="alsoIn"
          />
          <fieldset class="form wide">
            <legend>{{ t('athleteDialog.shareAvailabilityWithTheCoach') }}</legend>
            <UiText
              v-model="given.coachToldBy"
              class="wide"
              :label="t('athleteDialog.agreedByTheAthleteUnder18')"
              prop="coachToldBy"
            />
            <UiDate v-model="given.coachToldFrom" :label="t('athleteDialog.from')" prop="coachToldFrom" />
            <UiDate v-model="given.coachToldUntil" :label="t('athleteDialog.untilEmptyNoEnd')" prop="coachToldUntil" />
          </fieldset>
          <UiText v-model="given.notes" class="wide" :label="t('athleteDialog.notes')" prop="notes" type="textarea" />
        </div>
      </UiMore>
      <div v-if="similar.length > 0" class="wide similar" role="alert">
        <b>{{ t('athleteDialog.isItOneOfTheseThey') }}</b>
        <ul>
          <li v-for="one in similar" :key="one.id">
            <span>
              {{ [one.name, [one.squad, one.number].filter(Boolean).join(' ')].join(', ') }}
              <template v-if="one.isArchived">, {{ t('athleteDialog.archived') }}</template>
            </span>
            <UiButton v-if="!one.isArchived" :to="{ name: 'athlete', params: { id: one.id } }">
              {{ t('athleteDialog.openThisAthlete') }}
            </UiButton>
          </li>
        </ul>
        <UiButton :disabled="busy" @click="save(true)">{{ t('athleteDialog.addAsADifferentAthlete') }}</UiButton>
      </div>
      <UiAlert v-if="problem" class="wide" :say="problem" />
      <template #actions>
        <UiButton @click="emit('close')">{{ t('athleteDialog.cancel') }}</UiButton>
        <UiButton kind="main" submit :disabled="busy">
          {{ athlete ? t('athleteDialog.saveDetails') : t('athleteDialog.addAndExamine') }}
        </UiButton>
      </template>
    </UiForm>
  </UiDialog>
</template>

<style scoped>
.form {
  display: grid;
  grid-template-columns: repeat(2, minmax(0, 1fr));
  gap: 14px;
}
.wide {
  grid-column: 1 / -1;
}
fieldset {
  min-width: 0;
  margin: 0;
  padding: 0;
  border: 0;
}
legend {
  padding: 0 0 8px;
  font-weight: 650;
}
.label {
  padding-bottom: 6px;
}
.similar {
  display: grid;
  gap: 10px;
  padding: 12px 14px;
  border: 1px solid var(--ink);
  border-radius: var(--radius);
}
.similar > .button {
  justify-self: start;
}
.similar li {
  display: flex;
  justify-content: space-between;
  align-items: center;
  gap: 10px;
}
@media (--phone) {
  .form {
    grid-template-columns: 1fr;
  }
}
</style>
