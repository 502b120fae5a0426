<script setup lang="ts">
import { onKeyStroke } from '@vueuse/core'
import { computed, defineAsyncComponent, ref, useTemplateRef } from 'vue'
import { useRouter } from 'vue-router'
import type { AthleteFacts, AthleteSummary, Itinerary, Task } from '@/contract/types'
import ServerNotice from '@/frame/ServerNotice.vue'
import TopBar from '@/frame/TopBar.vue'
import { keeping } from '@/judge'
import { t } from '@/messages/today'
import ArchivedList from '@/people/ArchivedList.vue'
import CaseList from '@/people/CaseList.vue'
import DueList from '@/people/DueList.vue'
import SquadList from '@/people/SquadList.vue'
import UnsentList from '@/people/UnsentList.vue'
import { useTableExport } from '@/people/useTableExport'
import { useToday } from '@/people/useToday'
import { moment } from '@/shared/dates'
import { useSession } from '@/stores/session'
import UiAlert from '@/ui/UiAlert.vue'
import UiButton from '@/ui/UiButton.vue'
import UiWaiting from '@/ui/UiWaiting.vue'

// What is not needed to see the day comes when it is asked for.
const AthleteDialog = defineAsyncComponent(() => import('@/people/AthleteDialog.vue'))
const StartDialog = defineAsyncComponent(() => import('./StartDialog.vue'))
const ProposalList = defineAsyncComponent(() => import('@/people/ProposalList.vue'))
const ToErase = defineAsyncComponent(() => import('@/people/ToErase.vue'))
const UiEmpty = defineAsyncComponent(() => import('@/ui/UiEmpty.vue'))
const UiPages = defineAsyncComponent(() => import('@/ui/UiPages.vue'))

const router = useRouter()
const session = useSession()
const { today, keptAt, problem, search, typed, lacking, listsLacking, load, showAllUnfinished, turnTo } = useToday()
const { exportTable, problem: exportProblem } = useTableExport()
const finder = useTemplateRef<HTMLInputElement>('finder')
const adding = ref(false)
const starting = ref<AthleteSummary | null>(null)
/** Of an athlete who was added while the server was away. */
const addedHere = ref<AthleteFacts | undefined>()

const keepsLists = computed(() => session.user?.answers === true)
const lists = computed(() => [
  {
    cases: keepsLists.value ? (today.value?.toSign ?? []) : [],
    to: 'summary' as const,
    title: t('todayView.toCountersign'),
  },
  { cases: today.value?.unfinished ?? [], to: 'bench' as const, title: '' },
  { cases: today.value?.seen ?? [], to: 'summary' as const, title: t('todayView.recentlyExamined') },
])

onKeyStroke('/', (event) => {
  if (!(event.target as HTMLElement).matches('input, textarea, [contenteditable]')) {
    event.preventDefault()
    finder.value?.focus()
  }
})

/** A new athlete is usually examined next, so the dialog for it loads now. */
function add(): void {
  adding.value = true
  void import('./StartDialog.vue')
}

function added(athlete: AthleteSummary): void {
  adding.value = false
  search.value = ''
  void load()
  examine(athlete)
}

function kept(athlete: AthleteSummary, facts: AthleteFacts): void {
  adding.value = false
  search.value = ''
  examine(athlete, facts)
}

function examine(athlete: AthleteSummary, added?: AthleteFacts): void {
  starting.value = athlete
  addedHere.value = added
}

/** The knee that a plan asked to see again: who it is, and the route for it, are chosen already. */
function lookAgain(task: Task): void {
  if (task.athlete) examine(task.athlete)
}

async function begin(id: string, route: Itinerary['id']): Promise<void> {
  await router.push({ name: route === 'touchline' ? 'touchline' : 'bench', params: { id } })
}
</script>

<template>
  <TopBar />
  <main class="today" :class="{ searching: typed !== '' }">
    <ServerNotice class="machine" />
    <div class="find" role="search">
      <h2 id="all">{{ t('todayView.athletes') }}</h2>
      <label class="field">
        <span class="unseen">{{ t('todayView.searchByNameNumberOrSquad') }}</span>
        <input ref="finder" v-model="search" data-skip type="search" :placeholder="t('todayView.nameNumberOrSquad')" />
      </label>
      <UiButton v-if="keepsLists" @click="add">{{ t('todayView.newAthlete') }}</UiButton>
      <p v-if="keptAt" class="as-of" role="status">
        {{
          keeping === 'ready'
            ? t('todayView.offlineAndExamine', { keptAt: moment(keptAt) })
            : t('todayView.offlineTheListOfYouCan', { keptAt: moment(keptAt) })
        }}
      </p>
    </div>
    <section class="unfinished" aria-labelledby="unfinished">
      <template v-if="today && today.due.length > 0">
        <h2 class="title">{{ t('todayView.due') }}</h2>
        <div class="due">
          <DueList :tasks="today.due" @changed="load" @examine="lookAgain" />
        </div>
      </template>
      <div v-if="today && today.proposals.length > 0" class="due">
        <h2 class="title">{{ keepsLists ? t('todayView.proposedByStudents') : t('todayView.proposedByYou') }}</h2>
        <ProposalList :proposals="today.proposals" named @changed="load" />
      </div>
      <ToErase v-if="session.user?.leads && today" />
      <h1 id="unfinished">{{ t('todayView.unfinished') }}</h1>
      <UiAlert v-if="problem" :say="problem">
        <UiButton @click="load">{{ t('todayView.tryAgain') }}</UiButton>
      </UiAlert>
      <UiWaiting v-else-if="!today" :label="t('todayView.loadingTheList')" />
      <UiEmpty
        v-else-if="today.unfinished.length === 0 && !keptAt"
        :say="
          today.total === 0 ? t('todayView.nothingIsUnfinished') : t('todayView.nothingIsUnfinishedChooseAnAthlete')
        "
      />
      <UnsentList :cases="lists.flatMap(({ cases }) => cases)" />
      <template v-for="{ cases, to, title } in lists" :key="title">
        <h2 v-if="title && cases.length > 0">{{ title }}</h2>
        <CaseList v-if="cases.length > 0" :cases="cases" :to="to" />
        <UiButton v-if="to === 'bench' && today && today.unfinishedInAll > cases.length" @click="showAllUnfinished">
          {{ t('todayView.showAllUnfinished', { unfinishedInAll: today.unfinishedInAll }) }}
        </UiButton>
      </template>
    </section>
    <section class="all" aria-labelledby="all">
      <p v-if="keepsLists && today && (today.total > 0 || lacking)" class="lists without">
        <button class="choice" type="button" :aria-pressed="lacking" @click="lacking = !lacking">
          {{ t('todayView.withoutABaseline') }}
        </button>
        <span v-if="lacking && listsLacking" class="quiet-text" role="status">
          {{ t('todayView.noSignedOneOfTheLast', { n: today.total }) }}
        </span>
      </p>
      <UiEmpty
        v-if="today && today.total === 0"
        :say="
          listsLacking
            ? t('todayView.everyAthleteListedHasABaseline')
            : typed === ''
              ? t('todayView.noAthletesYet')
              : t('todayView.noAthleteMatches', { typed })
        "
      >
        <UiButton v-if="keepsLists && !lacking" @click="add">
          {{ typed === '' ? t('todayView.addFirstAthlete') : t('todayView.add', { typed }) }}
        </UiButton>
      </UiEmpty>
      <SquadList :athletes="today?.athletes ?? []" @examine="(athlete) => examine(athlete)" />
      <p v-if="keepsLists && today && typed === '' && !lacking" class="lists">
        <UiButton kind="quiet" to="/athletes">{{ t('todayView.importAList') }}</UiButton>
        <template v-if="session.user?.leads">
          <UiButton kind="quiet" @click="exportTable('comma')">{{ t('todayView.exportCsvCommas') }}</UiButton>
          <UiButton kind="quiet" @click="exportTable('semicolon')">{{ t('todayView.exportCsvSemicolons') }}</UiButton>
        </template>
      </p>
      <UiAlert v-if="exportProblem" :say="exportProblem" />
      <ArchivedList v-if="today && typed === '' && !lacking" :key="today.total" @restored="load" />
      <UiPages
        v-if="today && today.pages > 1"
        :label="t('todayView.pagesOfAthletes')"
        :page="today.page"
        :pages="today.pages"
        @turn="turnTo"
      />
    </section>
  </main>
  <AthleteDialog v-if="adding" :name="typed" @close="adding = false" @saved="added" @kept="kept" />
  <StartDialog
    v-if="starting"
    :athlete="starting"
    :added="addedHere"
    :on="lacking ? 'baseline' : undefined"
    @close="starting = null"
    @started="begin"
  />
</template>

<style scoped>
.today {
  display: grid;
  grid-template:
    'machine machine'
    'left find'
    'left list' 1fr / minmax(0, 6fr) minmax(0, 7fr);
  gap: 12px 40px;
  padding: 28px clamp(16px, 3vw, 44px);
}
.machine {
  grid-area: machine;
  margin-bottom: 14px;
}
.find {
  display: flex;
  flex-wrap: wrap;
  grid-area: find;
  gap: 10px;
  align-items: center;
}
.find h2 {
  flex: 1;
}
.find label {
  flex: 0 1 240px;
}
.unfinished {
  grid-area: left;
  padding-top: 4px;
}
.all {
  grid-area: list;
}
.unfinished h1 {
  margin-bottom: 16px;
}
.due {
  margin-bottom: 30px;
}
.unfinished .title {
  margin: 0 0 12px;
  font-size: var(--type-title);
  letter-spacing: -0.01em;
  line-height: 1.15;
}
.unfinished h2:not(.title) {
  margin: 22px 0 10px;
}
.as-of {
  flex: 1 0 100%;
  padding: 8px 14px;
  border: 2px dashed var(--ink);
  border-radius: var(--radius);
}
.without {
  margin-bottom: 8px;
}
.find h2 {
  font-size: var(--type-head);
}
.lists {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 4px 10px;
}
@media (--tablet) {
  .today {
    grid-template: 'machine' 'find' 'left' 'list' / minmax(0, 1fr);
    gap: 18px;
    padding-top: 18px;
  }
  /* Who looks for someone sees them below the field, before what is due. */
  .today.searching {
    grid-template: 'machine' 'find' 'list' 'left' / minmax(0, 1fr);
  }
}
@media (--phone) {
  .find {
    flex-wrap: wrap;
  }
  .find h2 {
    display: none;
  }
  .find label {
    flex: 1 1 160px;
  }
}
</style>
