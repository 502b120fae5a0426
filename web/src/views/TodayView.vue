<script setup lang="ts">
import { computed, onMounted, ref } from 'vue'
import { useRouter } from 'vue-router'
import { answerOf, api } from '@/api/client'
import type { AthleteWithExaminations, ExaminationSummary, Itinerary } from '@/contract/types'
import StartDialog from './StartDialog.vue'
import TopBar from '@/shared/TopBar.vue'
import { unsent } from '@/stores/desk'

const SEEN_SHOWN = 5
const router = useRouter()
const athletes = ref<AthleteWithExaminations[] | null>(null)
const problem = ref('')
const search = ref('')
const starting = ref<AthleteWithExaminations | null>(null)

const found = computed(() => {
  const words = search.value.trim().toLowerCase()
  return (athletes.value ?? []).filter((a) => `${a.name} ${a.number} ${a.squad}`.toLowerCase().includes(words))
})
const squads = computed(() => {
  const groups = new Map<string, AthleteWithExaminations[]>()
  for (const athlete of found.value) groups.set(athlete.squad, [...(groups.get(athlete.squad) ?? []), athlete])
  return [...groups].sort(([a], [b]) => a.localeCompare(b))
})
const unfinished = computed(() => examinations('draft'))
const seen = computed(() => examinations('signed').slice(0, SEEN_SHOWN))
const lists = computed(() => [
  { cases: unfinished.value, to: 'bench' },
  { cases: seen.value, to: 'summary' },
])

/** Newest first, over all athletes. */
function examinations(status: ExaminationSummary['status']) {
  return (athletes.value ?? [])
    .flatMap((athlete) =>
      athlete.examinations
        .filter((examination) => examination.status === status)
        .map((examination) => ({ athlete, examination })),
    )
    .sort((a, b) => b.examination.examinedAt.localeCompare(a.examination.examinedAt))
}

/** Entered on this device, and not with the server yet. */
const kept = computed(() =>
  (athletes.value === null ? [] : unsent()).flatMap(({ examination, count }) => {
    const athlete = athletes.value?.find((a) => a.examinations.some((e) => e.id === examination))
    return athlete ? [{ id: examination, name: athlete.name, count }] : []
  }),
)

async function load(): Promise<void> {
  try {
    athletes.value = (await answerOf(api.GET('/api/today'))).athletes
    problem.value = ''
  } catch (error) {
    problem.value = error instanceof Error ? error.message : 'The list could not be loaded.'
  }
}

function sinceInjury(injuredOn: string | null): string {
  if (injuredOn === null) return 'came on without an injury'
  const days = Math.floor((Date.now() - Date.parse(injuredOn)) / 86_400_000)
  return days === 0 ? 'injured today' : days === 1 ? 'day 1 after the injury' : `day ${days} after the injury`
}

function when(examinedAt: string): string {
  return new Intl.DateTimeFormat('en-GB', {
    weekday: 'short',
    day: 'numeric',
    month: 'short',
    hour: '2-digit',
    minute: '2-digit',
  }).format(new Date(examinedAt))
}

async function begin(id: string, route: Itinerary['id']): Promise<void> {
  await router.push({ name: route === 'touchline' ? 'touchline' : 'bench', params: { id } })
}

onMounted(load)
</script>

<template>
  <TopBar />
  <main class="today">
    <section class="unfinished" aria-labelledby="unfinished">
      <h1 id="unfinished">To go on with</h1>
      <p v-if="problem" role="alert">
        {{ problem }}
        <button class="button" type="button" @click="load">Try again</button>
      </p>
      <p v-else-if="athletes && unfinished.length === 0" class="quiet-text">
        Nothing is unfinished. Choose an athlete to start with.
      </p>
      <p v-for="{ id, name, count } in kept" :key="id" class="ink-line kept">
        <span aria-hidden="true">!</span>
        <span>
          <b>{{ count }} {{ count === 1 ? 'entry' : 'entries' }} for {{ name }} not sent yet</b>
          <RouterLink :to="{ name: 'bench', params: { id } }">Open it to send</RouterLink>
        </span>
      </p>
      <template v-for="{ cases, to } in lists" :key="to">
        <h2 v-if="to === 'summary' && cases.length > 0">Seen lately</h2>
        <ol>
          <li v-for="{ athlete, examination } in cases" :key="examination.id">
            <RouterLink :to="{ name: to, params: { id: examination.id } }" class="case">
              <span class="side" :aria-label="`${examination.hurtSide} knee`">
                {{ examination.hurtSide === 'left' ? 'L' : 'R' }}
              </span>
              <span class="who">
                <b>{{ athlete.name }}</b>
                <span>
                  {{ athlete.squad }} · {{ examination.hurtSide }} knee · {{ sinceInjury(examination.injuredOn) }}
                </span>
              </span>
              <span class="when quiet-text">{{ when(examination.examinedAt) }}</span>
            </RouterLink>
          </li>
        </ol>
      </template>
    </section>
    <section class="all" aria-labelledby="all">
      <header>
        <h2 id="all">Athletes</h2>
        <label class="field">
          <span class="unseen">Search by name, number or squad</span>
          <input v-model="search" type="search" placeholder="Name, number or squad" />
        </label>
      </header>
      <p v-if="athletes && found.length === 0" class="quiet-text">Nobody is called “{{ search }}” here.</p>
      <div v-for="[squad, members] in squads" :key="squad" class="squad">
        <h3>{{ squad }}</h3>
        <ul>
          <li v-for="athlete in members" :key="athlete.id">
            <span>
              <b>{{ athlete.name }}</b>
              <span class="quiet-text">{{ athlete.number }} · {{ athlete.age }} years</span>
            </span>
            <button class="button" type="button" :aria-label="`Examine ${athlete.name}`" @click="starting = athlete">
              Examine
            </button>
          </li>
        </ul>
      </div>
    </section>
  </main>
  <StartDialog v-if="starting" :athlete="starting" @close="starting = null" @started="begin" />
</template>

<style scoped>
.today {
  display: grid;
  grid-template-columns: minmax(0, 6fr) minmax(0, 7fr);
  gap: 40px;
  padding: 28px clamp(16px, 3vw, 44px);
}
.unfinished h1 {
  margin-bottom: 16px;
}
.unfinished h2 {
  margin: 22px 0 10px;
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
  font-size: 1.27rem;
  font-weight: 680;
  border: 2px solid var(--line-2);
  border-radius: 50%;
}
.who {
  display: grid;
}
.who b {
  font-size: 1.07rem;
}
.who span {
  color: var(--text-2);
}
.when {
  font-size: 0.87rem;
}
.all header {
  display: grid;
  grid-template-columns: 1fr 260px;
  align-items: center;
  margin-bottom: 8px;
}
.all h2 {
  font-size: 1.4rem;
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
.squad b {
  font-weight: 600;
}
.squad li span span {
  font-size: 0.87rem;
}
@media (max-width: 900px) {
  .today {
    grid-template-columns: 1fr;
    gap: 28px;
    padding-top: 18px;
  }
}
@media (max-width: 560px) {
  .all header {
    grid-template-columns: 1fr;
    gap: 8px;
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
