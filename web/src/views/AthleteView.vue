<script setup lang="ts">
import { computed, defineAsyncComponent, onMounted, ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import { answerOf, api } from '@/api/client'
import type { AthleteWithExaminations, Itinerary } from '@/contract/types'
import DueList from '@/people/DueList.vue'
import NoteTask from '@/people/NoteTask.vue'
import SubjectPage from '@/shared/SubjectPage.vue'
import { day } from '@/shared/dates'
import { useDoing } from '@/shared/useDoing'
import { useSession } from '@/stores/session'
import UiAlert from '@/ui/UiAlert.vue'
import UiButton from '@/ui/UiButton.vue'
import UiDialog from '@/ui/UiDialog.vue'
import UiEmpty from '@/ui/UiEmpty.vue'
import UiMore from '@/ui/UiMore.vue'
import UiWaiting from '@/ui/UiWaiting.vue'
import { tell } from '@/ui/telling'
import StartDialog from './StartDialog.vue'

/** An athlete: what is known of them, and the stories of both knees. */
const props = defineProps<{ id: string }>()

const AthleteDialog = defineAsyncComponent(() => import('@/people/AthleteDialog.vue'))

const router = useRouter()
const session = useSession()
const athlete = ref<AthleteWithExaminations | null>(null)
const open = ref<'start' | 'edit' | 'archive' | null>(null)
const { busy, problem, attempt } = useDoing()

const keepsLists = computed(() => session.user?.role !== 'student')
/** Each story of one knee: the injury, and every time it was looked at, newest first. */
const stories = computed(() => {
  const groups = new Map<string, AthleteWithExaminations['examinations']>()
  for (const examination of athlete.value?.examinations ?? []) {
    const story = `${examination.hurtSide} ${examination.injuredOn ?? ''}`
    groups.set(story, [...(groups.get(story) ?? []), examination])
  }
  return [...groups.values()].map((visits) => ({ visits, side: visits[0]!.hurtSide, injuredOn: visits[0]!.injuredOn }))
})
const openTasks = computed(() => (athlete.value?.tasks ?? []).filter((task) => task.when !== 'closed').reverse())
const closed = computed(() => (athlete.value?.tasks ?? []).filter((task) => task.when === 'closed'))
const facts = computed(() => {
  const { profile, bornOn, number, squad } = athlete.value!
  const said = (value: string | number | null | undefined, unit = '') => (value ? `${value}${unit}` : null)
  return [
    ['Born', day(bornOn)],
    ['Squad', squad],
    ['Number', number],
    ['Sport', profile.sport],
    ['Sex', profile.sex],
    ['Leading leg', profile.leadingLeg],
    ['Height', said(profile.heightCm, ' cm')],
    ['Mass', said(profile.massKg, ' kg')],
    ['Doctor', profile.doctor],
    ['Guardian', profile.guardian],
    ['Notes', profile.notes],
  ].filter((fact): fact is [string, string] => typeof fact[1] === 'string' && fact[1] !== '')
})

async function load(): Promise<void> {
  open.value = null
  await attempt(async () => {
    const path = { athlete: props.id }
    athlete.value = await answerOf(api.GET('/api/athletes/{athlete}', { params: { path } }))
  })
}

function saved(changed: AthleteWithExaminations): void {
  athlete.value = changed
  open.value = null
  tell('Saved.')
}

async function archive(): Promise<void> {
  const path = { athlete: props.id }
  const done = await attempt(() => answerOf(api.DELETE('/api/athletes/{athlete}', { params: { path } })))
  if (!done) return
  await router.push('/')
  tell(`${athlete.value?.name} is put away. Under the list of athletes they are taken back.`)
}

async function begin(id: string, route: Itinerary['id']): Promise<void> {
  await router.push({ name: route === 'touchline' ? 'touchline' : 'bench', params: { id } })
}

onMounted(load)
watch(() => props.id, load)
</script>

<template>
  <SubjectPage :title="athlete ? `${athlete.name}, ${athlete.age}` : 'Athlete'">
    <template v-if="athlete" #beside>
      <UiButton kind="main" @click="open = 'start'">Examine</UiButton>
    </template>
    <UiAlert v-if="problem" :say="problem">
      <UiButton v-if="!athlete" @click="load">Try again</UiButton>
    </UiAlert>
    <UiWaiting v-else-if="!athlete" label="Loading the athlete" />
    <div v-if="athlete" class="columns">
      <section aria-labelledby="knees">
        <h2 id="knees">Knees</h2>
        <UiEmpty v-if="stories.length === 0" say="No knee of theirs was examined yet." />
        <article v-for="{ visits, side, injuredOn } in stories" :key="`${side} ${injuredOn}`">
          <h3>
            <span class="side" aria-hidden="true">{{ side === 'left' ? 'L' : 'R' }}</span>
            {{ side === 'left' ? 'Left' : 'Right' }} knee,
            {{ injuredOn ? `hurt on ${day(injuredOn)}` : 'came on without an injury' }}
          </h3>
          <ol>
            <li v-for="visit in visits" :key="visit.id">
              <RouterLink
                :to="{ name: visit.status === 'signed' ? 'summary' : 'bench', params: { id: visit.id } }"
                :aria-label="`Examination of ${day(visit.examinedAt)}, ${visit.status}`"
              >
                <span class="number">{{ day(visit.examinedAt) }}</span>
                <span class="quiet-text">{{ visit.status === 'signed' ? 'signed' : 'unfinished' }}</span>
              </RouterLink>
            </li>
          </ol>
        </article>
      </section>
      <section aria-labelledby="due">
        <h2 id="due">Due and done</h2>
        <DueList :tasks="openTasks" @changed="load" @examine="open = 'start'" />
        <UiMore v-if="closed.length > 0" :title="`Closed: ${closed.length}`">
          <ul>
            <li v-for="task in closed" :key="task.id" class="closed">
              {{ task.title }}
              <small>
                {{ task.state === 'let_go' ? 'let go' : 'done' }}{{ task.closing ? `: ${task.closing}` : '' }}
              </small>
            </li>
          </ul>
        </UiMore>
        <NoteTask v-if="keepsLists" :athlete="athlete.id" @noted="load" />
      </section>
      <section aria-labelledby="facts">
        <h2 id="facts">What is known</h2>
        <dl>
          <template v-for="[name, value] in facts" :key="name">
            <dt>{{ name }}</dt>
            <dd>{{ value }}</dd>
          </template>
        </dl>
        <p v-if="keepsLists" class="actions">
          <UiButton @click="open = 'edit'">Change</UiButton>
          <UiButton kind="quiet" @click="open = 'archive'">Put away</UiButton>
        </p>
      </section>
    </div>
    <StartDialog v-if="athlete && open === 'start'" :athlete="athlete" @close="open = null" @started="begin" />
    <AthleteDialog v-if="athlete && open === 'edit'" :athlete="athlete" @close="open = null" @saved="saved" />
    <UiDialog v-if="athlete && open === 'archive'" :title="`Put ${athlete.name} away`" @close="open = null">
      <p>They are out of the lists; their examinations stay. Under the list of athletes they are taken back.</p>
      <p class="actions">
        <UiButton @click="open = null">Stays</UiButton>
        <UiButton kind="main" :disabled="busy" @click="archive">Put away</UiButton>
      </p>
    </UiDialog>
  </SubjectPage>
</template>

<style scoped>
.columns {
  display: grid;
  grid-template-columns: minmax(0, 3fr) minmax(0, 2fr);
  gap: 26px clamp(22px, 5vw, 64px);
  align-items: start;
}
section {
  display: grid;
  gap: 12px;
}
article {
  padding: 14px 18px 8px;
  background: var(--card);
  border: 1px solid var(--line);
  border-radius: var(--radius);
}
h3 {
  display: flex;
  align-items: center;
  gap: 12px;
  margin-bottom: 6px;
}
.side {
  display: grid;
  place-items: center;
  width: 36px;
  height: 36px;
  border: 2px solid var(--line-2);
  border-radius: 50%;
}
li a {
  display: flex;
  justify-content: space-between;
  align-items: center;
  min-height: var(--touch);
  border-top: 1px solid var(--line);
}
dl {
  display: grid;
  grid-template-columns: 110px 1fr;
  border-top: 1px solid var(--line);
}
dt,
dd {
  padding: 8px 0;
  border-bottom: 1px solid var(--line);
  overflow-wrap: anywhere;
  white-space: pre-line;
}
dt {
  color: var(--text-2);
}
.actions {
  display: flex;
  gap: 10px;
  margin-top: 4px;
}
.closed {
  padding: 6px 0;
}
.closed small {
  display: block;
  color: var(--text-2);
}
@media (--tablet) {
  .columns {
    grid-template-columns: 1fr;
  }
}
</style>
