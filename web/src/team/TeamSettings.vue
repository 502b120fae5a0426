<script setup lang="ts">
import { t } from '@/messages/team'
import { required } from '@/ui/rules'
import { computed, onMounted, reactive, ref } from 'vue'
import { answerOf, api } from '@/api/client'
import type { Settings } from '@/contract/types'
import { TRANSLATIONS } from '@/shared/languages'
import { useDoing } from '@/shared/useDoing'
import { withPassword } from '@/shared/usePassword'
import { useCatalogue } from '@/stores/catalogue'
import { useSession } from '@/stores/session'
import UiAlert from '@/ui/UiAlert.vue'
import UiButton from '@/ui/UiButton.vue'
import UiChoice from '@/ui/UiChoice.vue'
import UiForm from '@/ui/UiForm.vue'
import UiMore from '@/ui/UiMore.vue'
import UiSelect from '@/ui/UiSelect.vue'
import UiDate from '@/ui/UiDate.vue'
import UiText from '@/ui/UiText.vue'
import UiTick from '@/ui/UiTick.vue'
import { tell } from '@/ui/telling'

const session = useSession()
const catalogue = useCatalogue()
const given = reactive({
  name: '',
  letterHead: '',
  asksSecondFactor: false,
  sharesPages: false,
  keepsYears: '',
  timeZone: '',
  dateOrder: 'dmy' as Settings['dateOrder'],
  reviewed: [] as Settings['reviewedLanguages'],
  seasons: {} as Record<string, { from: string; until: string }>,
})
const schools = ref<{ [kind: string]: string }>({})
const setting = ref<'specialist' | null>(null)
const squads = ref<string[]>([])
const loaded = ref(false)
const ORDERS = [
  { id: 'dmy' as const, label: t('teamSettings.dayMonthYear') },
  { id: 'mdy' as const, label: t('teamSettings.monthDayYear') },
  { id: 'ymd' as const, label: t('teamSettings.yearMonthDay') },
]
/** As the browser knows them, and the one that is set. */
const zones = computed(() =>
  [...new Set(['UTC', ...Intl.supportedValuesOf('timeZone'), given.timeZone])].map((id) => ({ id, label: id })),
)
const SETTINGS = [{ id: 'specialist' as const, label: t('teamSettings.aSpecialistClinic') }]
const RULES = {
  name: required(t('teamSettings.theNameIsMissing')),
  keepsYears: [{ pattern: /^\s*\d{0,2}\s*$/, message: t('teamSettings.enterANumberOfYearsOr'), trigger: 'submit' }],
}
const { busy, problem, attempt } = useDoing()
const now = computed(() =>
  new Intl.DateTimeFormat('en-GB', {
    weekday: 'long',
    day: 'numeric',
    month: 'long',
    hour: '2-digit',
    minute: '2-digit',
    timeZone: given.timeZone || 'UTC',
  }).format(new Date()),
)
const groups = computed(() => catalogue.catalogue?.schools ?? [])

async function load(): Promise<void> {
  const [settings, known] = await Promise.all([
    answerOf(api.GET('/api/team')),
    answerOf(api.GET('/api/squads')),
    catalogue.load(),
  ])
  // A squad that nobody is in any more keeps its season until someone empties it.
  squads.value = [...new Set([...known, ...settings.seasons.map((one) => one.squad)])]
  given.seasons = Object.fromEntries(squads.value.map((squad) => [squad, { from: '', until: '' }]))
  for (const { squad, from, until } of settings.seasons) given.seasons[squad] = { from, until }
  const { name, letterHead, asksSecondFactor, sharesPages, keepsYears, timeZone, dateOrder, reviewedLanguages } =
    settings
  Object.assign(given, { name, letterHead, asksSecondFactor, sharesPages, timeZone, dateOrder })
  given.reviewed = reviewedLanguages
  given.keepsYears = String(keepsYears ?? '')
  schools.value = settings.schools
  setting.value = settings.setting
  loaded.value = true
}

/** The order of the languages stays, however they are ticked. */
function review(language: (typeof TRANSLATIONS)[number]['id'], isReviewed: boolean): void {
  given.reviewed = TRANSLATIONS.map(({ id }) => id).filter((id) =>
    id === language ? isReviewed : given.reviewed.includes(id),
  )
}

function teach(kind: string, school: string | undefined): void {
  const others = Object.entries(schools.value).filter(([other]) => other !== kind)
  schools.value = Object.fromEntries(school === undefined ? others : [...others, [kind, school]])
}

async function save(): Promise<void> {
  const keepsYears = given.keepsYears.trim() === '' ? null : Number(given.keepsYears)
  const set = Object.entries(given.seasons)
    .map(([squad, days]) => ({ squad, ...days }))
    .filter(({ from, until }) => from !== '' || until !== '')
  const { reviewed, ...rest } = given
  const body = {
    ...rest,
    keepsYears,
    schools: schools.value,
    setting: setting.value,
    seasons: set,
    reviewedLanguages: reviewed,
  }
  const done = await attempt(() => withPassword(() => answerOf(api.PUT('/api/team', { body }))))
  if (!done) return
  await session.look()
  tell(t('teamSettings.theTeamSettingsAreSaved'))
}

onMounted(() => attempt(load))
</script>

<template>
  <section aria-labelledby="settings">
    <h2 id="settings">{{ t('teamSettings.settings') }}</h2>
    <UiForm
      v-if="loaded"
      class="form"
      :label="t('teamSettings.teamSettings')"
      :model="given"
      :rules="RULES"
      @submit="save"
    >
      <UiText v-model="given.name" :label="t('teamSettings.nameOfTheTeam')" prop="name" />
      <UiText
        v-model="given.letterHead"
        :label="t('teamSettings.letterheadEmptyTeamName')"
        prop="letterHead"
        type="textarea"
      />
      <UiSelect
        :label="t('teamSettings.timeZone')"
        :value="given.timeZone"
        :options="zones"
        filterable
        @change="(picked) => (given.timeZone = picked ?? given.timeZone)"
      />
      <UiChoice
        :label="t('teamSettings.dates')"
        :value="given.dateOrder"
        :options="ORDERS"
        @pick="(picked) => (given.dateOrder = picked)"
      />
      <p class="note">{{ t('teamSettings.todayTasksAndAllDatesUse', { now }) }}</p>
      <UiTick v-model="given.asksSecondFactor">{{ t('teamSettings.requireASecondFactorForEveryone') }}</UiTick>
      <p v-if="given.asksSecondFactor && !session.user?.secondFactor" class="note">
        {{ t('teamSettings.youHaveNoSecondFactorYet') }}
      </p>
      <UiTick v-model="given.sharesPages">
        {{ t('teamSettings.athletesMayBeGivenACode') }}
      </UiTick>
      <UiText v-model="given.keepsYears" :label="t('teamSettings.yearsAfterTheLastVisitUntil')" prop="keepsYears" />
      <p class="note">
        {{ t('teamSettings.forAthletesWhoWereChildrenThen') }}
      </p>
      <UiMore v-if="squads.length > 0" :title="t('teamSettings.seasonsOfTheSquads')">
        <fieldset v-for="squad in squads" :key="squad" class="season">
          <legend>{{ squad }}</legend>
          <UiDate
            v-model="given.seasons[squad]!.from"
            :label="t('teamSettings.from')"
            :prop="`seasons.${squad}.from`"
          />
          <UiDate
            v-model="given.seasons[squad]!.until"
            :label="t('teamSettings.until')"
            :prop="`seasons.${squad}.until`"
          />
        </fieldset>
        <p class="note">{{ t('teamSettings.shownBesideTheSquadsOnToday') }}</p>
      </UiMore>
      <UiMore :title="t('teamSettings.translationsOfTheAthletesPage')">
        <div class="form">
          <UiTick
            v-for="{ id, label } in TRANSLATIONS"
            :key="id"
            :model-value="given.reviewed.includes(id)"
            @update:model-value="(ticked) => review(id, ticked)"
          >
            {{ t('teamSettings.reviewedByAClinicianWhoSpeaks', { label }) }}
          </UiTick>
        </div>
        <p class="note">{{ t('teamSettings.untilThenThePageSaysSo') }}</p>
      </UiMore>
      <UiMore :title="t('teamSettings.howExaminationsBegin')">
        <div class="form">
          <UiSelect
            :label="t('teamSettings.baseRates')"
            :value="setting ?? undefined"
            :options="SETTINGS"
            :none="t('teamSettings.byTheDaysSinceTheInjury')"
            @change="(picked) => (setting = picked ?? null)"
          />
          <UiSelect
            v-for="group in groups"
            :key="group.id"
            :label="group.label"
            :value="schools[group.id]"
            :options="group.options"
            :none="t('teamSettings.asShipped')"
            @change="(picked) => teach(group.id, picked)"
          />
        </div>
      </UiMore>
      <UiAlert v-if="problem" :say="problem" />
      <UiButton submit :disabled="busy">{{ t('teamSettings.saveSettings') }}</UiButton>
    </UiForm>
    <UiAlert v-else-if="problem" :say="problem" />
    <p class="note">
      <RouterLink :to="{ name: 'doctors' }">{{ t('teamSettings.addressBook') }}</RouterLink>
    </p>
  </section>
</template>

<style scoped>
section,
.form {
  display: grid;
  gap: 12px;
}
.form > :deep(.button) {
  justify-self: start;
}
fieldset.season {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 12px;
  padding: 0 0 10px;
  margin: 0;
  border: 0;
}
legend {
  padding: 0 0 4px;
  font-weight: 600;
}
.note {
  color: var(--text-2);
}
</style>
