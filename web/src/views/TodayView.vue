<script setup lang="ts">
import { onKeyStroke, refDebounced } from '@vueuse/core'
import { computed, defineAsyncComponent, onMounted, ref, useTemplateRef, watch } from 'vue'
import { useRouter } from 'vue-router'
import { answerOf, api } from '@/api/client'
import type { AthleteSummary, Itinerary, Task, Today } from '@/contract/types'
import DueList from '@/people/DueList.vue'
import ArchivedList from '@/people/ArchivedList.vue'
import { keptAthlete } from '@/stores/kept'
import { useSession } from '@/stores/session'
import ServerNotice from '@/frame/ServerNotice.vue'
import TopBar from '@/frame/TopBar.vue'
import { daysSince, moment } from '@/shared/dates'
import { saveFile } from '@/shared/saveFile'
import { useNewest } from '@/shared/useNewest'
import { withPassword } from '@/shared/usePassword'
import { type Unsent, readThrough, unsent, useRetry } from '@/sync'
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

const TYPING_MS = 150
const router = useRouter()
const today = ref<Today | null>(null)
/** Where the server was away: when this device last saw the list. */
const keptAt = ref<string | null>(null)
const retry = useRetry({ attempt: () => keptAt.value !== null && void load() })
const { problem, ask } = useNewest('The list could not be loaded.')
const search = ref('')
const finder = useTemplateRef<HTMLInputElement>('finder')
onKeyStroke('/', (event) => {
  if (!(event.target as HTMLElement).matches('input, textarea, [contenteditable]')) {
    event.preventDefault()
    finder.value?.focus()
  }
})
const typed = refDebounced(search, TYPING_MS)
const page = ref(1)
/** Before a season: only who could not be compared with a sound knee of their own. */
const lacking = ref(false)
/** What is listed answers to that; until the server has, its total is of everybody. */
const listsLacking = ref(false)
const MOST_UNFINISHED = 1000
const unfinished = ref<number | undefined>()
const adding = ref(false)
const session = useSession()
const keepsLists = computed(() => session.user?.answers === true)
const starting = ref<AthleteSummary | null>(null)

const squads = computed(() => {
  const groups = new Map<string, AthleteSummary[]>()
  for (const athlete of today.value?.athletes ?? [])
    groups.set(athlete.squad, [...(groups.get(athlete.squad) ?? []), athlete])
  return [...groups]
})
const lists = computed(() => [
  { cases: keepsLists.value ? (today.value?.toSign ?? []) : [], to: 'summary', title: 'To countersign' },
  { cases: today.value?.unfinished ?? [], to: 'bench', title: '' },
  { cases: today.value?.seen ?? [], to: 'summary', title: 'Seen lately' },
])

/** Entered on this device, and not with the server yet. */
const unsentHere = ref<(Unsent & { name: string | null })[]>([])
const waiting = computed(() =>
  unsentHere.value.map(({ examination: id, count, name }) => {
    const listed = lists.value.flatMap(({ cases }) => cases).find(({ examination }) => examination.id === id)
    return { id, count, name: name ?? listed?.athlete.name ?? 'an examination' }
  }),
)

async function lookForUnsent(): Promise<void> {
  const left = await unsent()
  unsentHere.value = await Promise.all(left.map(async (one) => ({ ...one, name: await keptAthlete(one.examination) })))
}

async function load(): Promise<void> {
  // Whoever looks for an athlete has the other lists on screen already.
  const kept = typed.value === '' && !lacking.value ? null : today.value
  const query = {
    search: typed.value,
    lacking: lacking.value ? ('baseline' as const) : undefined,
    page: page.value,
    unfinished: kept === null ? unfinished.value : 0,
  }
  // A name stands in no address: it comes in the body.
  const fetchList = () =>
    answerOf(
      query.search === ''
        ? api.GET('/api/today', { params: { query: { ...query, search: undefined } } })
        : api.POST('/api/today', { body: query }),
    )
  // The list as it stands at the beginning is kept; a search needs the server.
  const isPlain = query.search === '' && !query.lacking && query.page === 1 && query.unfinished === undefined
  await ask(
    async () => (isPlain ? await readThrough('today', fetchList) : { value: await fetchList(), keptAt: null }),
    ({ value, keptAt: at }) => {
      today.value =
        kept === null
          ? value
          : {
              ...value,
              due: kept.due,
              toSign: kept.toSign,
              proposals: kept.proposals,
              unfinished: kept.unfinished,
              seen: kept.seen,
            }
      listsLacking.value = query.lacking !== undefined
      keptAt.value = at
      if (at === null) retry.done()
      else retry.later()
    },
  )
}

watch([typed, lacking], () => {
  page.value = 1
  void load()
})

/** Marked as UTF-8, so that a spreadsheet guesses at nothing; between cells stands what its language expects. */
async function exportList(separator: 'comma' | 'semicolon'): Promise<void> {
  try {
    const params = { query: { separator } }
    const list = () => answerOf(api.GET('/api/athletes.csv', { params, parseAs: 'text' }))
    saveFile('athletes.csv', 'text/csv', await withPassword(list), true)
  } catch (error) {
    problem.value = error instanceof Error ? error.message : 'The list could not be exported.'
  }
}

function showAll(): void {
  unfinished.value = MOST_UNFINISHED
  void load()
}

function turnTo(other: number): void {
  page.value = other
  void load()
}

function sinceInjury(injuredOn: string | null): string {
  if (injuredOn === null) return 'came on without an injury'
  const days = daysSince(injuredOn)
  return days === 0 ? 'injured today' : days === 1 ? 'day 1 after the injury' : `day ${days} after the injury`
}

/** Whoever is added is examined next: what asks how comes along, so that nothing is tapped in between. */
function add(): void {
  adding.value = true
  void import('./StartDialog.vue')
}

function added(athlete: AthleteSummary): void {
  adding.value = false
  search.value = ''
  void load()
  starting.value = athlete
}

/** The knee that a plan asked to see again: who it is, and the route for it, are chosen already. */
function lookAgain(task: Task): void {
  if (task.athlete) starting.value = task.athlete
}

async function begin(id: string, route: Itinerary['id']): Promise<void> {
  await router.push({ name: route === 'touchline' ? 'touchline' : 'bench', params: { id } })
}

onMounted(load)
onMounted(lookForUnsent)
</script>

<template>
  <TopBar />
  <main class="today" :class="{ searching: typed !== '' }">
    <ServerNotice class="machine" />
    <div class="find" role="search">
      <h2 id="all">Athletes</h2>
      <label class="field">
        <span class="unseen">Search by name, number or squad</span>
        <input ref="finder" v-model="search" data-skip type="search" placeholder="Name, number or squad" />
      </label>
      <UiButton v-if="keepsLists" @click="add">New athlete</UiButton>
    </div>
    <section class="unfinished" aria-labelledby="unfinished">
      <template v-if="today && today.due.length > 0">
        <h2 class="title">Due</h2>
        <div class="due">
          <DueList :tasks="today.due" @changed="load" @examine="lookAgain" />
        </div>
      </template>
      <div v-if="today && today.proposals.length > 0" class="due">
        <h2 class="title">{{ keepsLists ? 'Proposed by students' : 'Proposed by you' }}</h2>
        <ProposalList :proposals="today.proposals" named @changed="load" />
      </div>
      <ToErase v-if="session.user?.leads && today" />
      <h1 id="unfinished">To go on with</h1>
      <UiAlert v-if="problem" :say="problem">
        <UiButton @click="load">Try again</UiButton>
      </UiAlert>
      <UiWaiting v-else-if="!today" label="Loading the list" />
      <p v-else-if="keptAt" class="quiet-text as-of" role="status">
        Without the server: the list of {{ moment(keptAt) }}. Examinations that were open on this device go on.
      </p>
      <UiEmpty
        v-else-if="today.unfinished.length === 0"
        :say="today.total === 0 ? 'Nothing is unfinished.' : 'Nothing is unfinished. Choose an athlete to start with.'"
      />
      <p v-for="{ id, name, count } in waiting" :key="id" class="ink-line kept">
        <span aria-hidden="true">!</span>
        <span>
          <b>{{ count }} {{ count === 1 ? 'entry' : 'entries' }} for {{ name }} not sent yet</b>
          <RouterLink :to="{ name: 'bench', params: { id } }">Open it to send</RouterLink>
        </span>
      </p>
      <template v-for="{ cases, to, title } in lists" :key="title">
        <h2 v-if="title && cases.length > 0">{{ title }}</h2>
        <ol v-if="cases.length > 0">
          <li v-for="{ athlete, examination } in cases" :key="examination.id">
            <RouterLink :to="{ name: to, params: { id: examination.id } }" class="case">
              <span class="side" aria-hidden="true">
                {{ examination.isBaseline ? 'LR' : examination.hurtSide === 'left' ? 'L' : 'R' }}
              </span>
              <span class="who">
                <b>{{ athlete.name }}</b>
                <span>
                  {{ athlete.squad }} · {{ examination.isBaseline ? 'baseline' : `${examination.hurtSide} knee` }}
                  <template v-if="!examination.isBaseline">· {{ sinceInjury(examination.injuredOn) }}</template>
                </span>
              </span>
              <span class="when quiet-text">{{ moment(examination.examinedAt) }}</span>
            </RouterLink>
          </li>
        </ol>
        <button
          v-if="to === 'bench' && today && today.unfinishedInAll > cases.length"
          class="button"
          type="button"
          @click="showAll"
        >
          Show all {{ today.unfinishedInAll }} unfinished
        </button>
      </template>
    </section>
    <section class="all" aria-labelledby="all">
      <p v-if="keepsLists && today && (today.total > 0 || lacking)" class="lists without">
        <button class="choice" type="button" :aria-pressed="lacking" @click="lacking = !lacking">
          Without a baseline
        </button>
        <span v-if="lacking && listsLacking" class="quiet-text" role="status">
          {{ today.total }} {{ today.total === 1 ? 'has' : 'have' }} no signed one of the last two years
        </span>
      </p>
      <UiEmpty
        v-if="today && today.total === 0"
        :say="
          listsLacking
            ? 'Nobody here is without one.'
            : typed === ''
              ? 'No athletes yet.'
              : `Nobody is called “${typed}” here.`
        "
      >
        <UiButton v-if="keepsLists && !lacking" @click="add">
          {{ typed === '' ? 'Add the first' : `Add “${typed}”` }}
        </UiButton>
      </UiEmpty>
      <div v-for="[squad, members] in squads" :key="squad" class="squad">
        <h3>
          {{ squad }}
          <small v-if="session.seasonOf(squad)">{{ session.seasonOf(squad) }}</small>
        </h3>
        <ul>
          <li v-for="athlete in members" :key="athlete.id">
            <span>
              <RouterLink :to="{ name: 'athlete', params: { id: athlete.id } }">{{ athlete.name }}</RouterLink>
              <span class="quiet-text">{{ athlete.number ? `${athlete.number} · ` : '' }}{{ athlete.age }} years</span>
            </span>
            <button class="button" type="button" :aria-label="`Examine ${athlete.name}`" @click="starting = athlete">
              Examine
            </button>
          </li>
        </ul>
      </div>
      <p v-if="keepsLists && today && typed === '' && !lacking" class="lists">
        <RouterLink class="button quiet" to="/athletes">Import a list</RouterLink>
        <template v-if="session.user?.leads">
          <UiButton kind="quiet" @click="exportList('comma')">Export CSV, commas</UiButton>
          <UiButton kind="quiet" @click="exportList('semicolon')">Export CSV, semicolons</UiButton>
        </template>
      </p>
      <ArchivedList v-if="today && typed === '' && !lacking" :key="today.total" @restored="load" />
      <UiPages
        v-if="today && today.pages > 1"
        label="Pages of athletes"
        :page="today.page"
        :pages="today.pages"
        @turn="turnTo"
      />
    </section>
  </main>
  <AthleteDialog v-if="adding" :name="typed" @close="adding = false" @saved="added" />
  <StartDialog
    v-if="starting"
    :athlete="starting"
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
  margin-bottom: 10px;
}
.kept {
  margin-bottom: 10px;
}
.case {
  display: grid;
  grid-template-columns: 44px 1fr auto;
  gap: 14px;
  align-items: center;
  min-height: 68px;
  padding: 8px 14px 8px 10px;
  margin-bottom: 8px;
  text-decoration: none;
  background: var(--card);
  border: 1px solid var(--line);
  border-radius: var(--radius);
}
.case:hover {
  border-color: var(--ink);
}
.side {
  display: grid;
  place-items: center;
  width: 44px;
  height: 44px;
  font-size: var(--type-head);
  font-weight: 680;
  border: 2px solid var(--line-2);
  border-radius: 50%;
}
.who {
  display: grid;
}
.who b {
  font-size: var(--type-lead);
}
.who span {
  color: var(--text-2);
}
.when {
  font-size: var(--type-small);
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
.squad {
  display: grid;
  grid-template-columns: 110px 1fr;
  gap: 16px;
  padding: 10px 0;
  border-top: 1px solid var(--line);
}
.squad h3 {
  padding-top: 12px;
  font-weight: 500;
  color: var(--text-2);
}
.squad h3 small {
  display: block;
  font-size: var(--type-small);
  font-weight: 400;
}
.squad li {
  display: flex;
  justify-content: space-between;
  align-items: center;
  gap: 12px;
  min-height: 50px;
}
.squad li > span {
  display: grid;
}
.squad li a {
  font-weight: 600;
  text-decoration: none;
}
.squad li a:hover {
  text-decoration: underline;
}
.squad li span span {
  font-size: var(--type-small);
}
@media (--tablet) {
  .today {
    grid-template: 'machine' 'find' 'left' 'list' / minmax(0, 1fr);
    gap: 18px;
    padding-top: 18px;
  }
  /* Who looks for somebody sees them below the field, before what is due. */
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
  .squad {
    grid-template-columns: 1fr;
    gap: 0;
  }
  .case {
    grid-template-columns: 44px 1fr;
  }
  .when {
    grid-column: 2;
  }
}
</style>
