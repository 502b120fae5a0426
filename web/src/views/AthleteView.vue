<script setup lang="ts">
import { computed, defineAsyncComponent, onMounted, ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import { answerOf, api } from '@/api/client'
import type { AthleteProfile, AthleteWithExaminations, Itinerary } from '@/contract/types'
import { t } from '@/messages/views'
import DueList from '@/people/DueList.vue'
import NoteTask from '@/people/NoteTask.vue'
import EpisodeCard from '@/people/EpisodeCard.vue'
import TimeLine from '@/people/TimeLine.vue'
import SubjectPage from '@/frame/SubjectPage.vue'
import { day } from '@/shared/dates'
import { translationName } from '@/shared/languages'
import { useDoing } from '@/shared/useDoing'
import { keepPast } from '@/stores/past'
import { useSession } from '@/stores/session'
import UiAlert from '@/ui/UiAlert.vue'
import UiButton from '@/ui/UiButton.vue'
import UiDialog from '@/ui/UiDialog.vue'
import UiEmpty from '@/ui/UiEmpty.vue'
import UiMore from '@/ui/UiMore.vue'
import UiWaiting from '@/ui/UiWaiting.vue'
import { tell } from '@/ui/telling'
import StartDialog from './StartDialog.vue'

/** An athlete: what is known of them, and the episodes of both knees. */
const props = defineProps<{ id: string }>()

const AthleteDialog = defineAsyncComponent(() => import('@/people/AthleteDialog.vue'))

const ProposalList = defineAsyncComponent(() => import('@/people/ProposalList.vue'))

const AthleteExport = defineAsyncComponent(() => import('@/exchange/AthleteExport.vue'))

const HospitalReferrals = defineAsyncComponent(() => import('@/exchange/HospitalReferrals.vue'))

const EraseDialog = defineAsyncComponent(() => import('@/people/EraseDialog.vue'))

const router = useRouter()
const session = useSession()
const athlete = ref<AthleteWithExaminations | null>(null)
const open = ref<'start' | 'edit' | 'archive' | 'export' | 'erase' | null>(null)
const { busy, problem, attempt } = useDoing()

const keepsLists = computed(() => session.user?.answers === true)
const visitsOf = (episode: string) => (athlete.value?.examinations ?? []).filter((visit) => visit.episode === episode)
const openTasks = computed(() => (athlete.value?.tasks ?? []).filter((task) => task.when !== 'closed').reverse())
const closed = computed(() => (athlete.value?.tasks ?? []).filter((task) => task.when === 'closed'))
/** Who agreed that the coach is told, and for how long. */
function told({ coachToldBy, coachToldFrom, coachToldUntil }: AthleteProfile): string {
  if (!coachToldBy) return ''
  const [by, from, until] = [coachToldBy, coachToldFrom && day(coachToldFrom), coachToldUntil && day(coachToldUntil)]
  if (from)
    return until
      ? t('athleteView.agreedByFromUntil', { by, from, until })
      : t('athleteView.agreedByFrom', { by, from, until })
  return until ? t('athleteView.agreedByUntil', { by, until }) : t('athleteView.agreedBy', { by, until })
}

const facts = computed(() => {
  const { profile, bornOn, number, squad } = athlete.value!
  const said = (value: string | number | null | undefined, unit = '') => (value ? `${value}${unit}` : null)
  return [
    [t('athleteView.born'), day(bornOn)],
    [t('athleteView.squad'), [squad, profile.alsoIn].filter(Boolean).join(', ')],
    [t('athleteView.number'), number],
    [t('athleteView.sport'), profile.sport],
    [t('athleteView.sex'), profile.sex],
    [t('athleteView.leadingLeg'), profile.leadingLeg],
    [t('athleteView.pageLanguage'), translationName(profile.language)],
    [t('athleteView.height'), said(profile.heightCm, ' cm')],
    [t('athleteView.weight'), said(profile.massKg, ' kg')],
    [t('athleteView.doctor'), profile.doctor],
    [t('athleteView.guardian'), profile.guardian],
    [t('athleteView.sharedWithCoach'), told(profile)],
    [t('athleteView.notes'), profile.notes],
  ].filter((fact): fact is [string, string] => typeof fact[1] === 'string' && fact[1] !== '')
})

async function load(): Promise<void> {
  open.value = null
  await attempt(async () => {
    const path = { athlete: props.id }
    athlete.value = await answerOf(api.GET('/api/athletes/{athlete}', { params: { path } }))
    keepPast([props.id])
  })
}

function saved(changed: AthleteWithExaminations): void {
  athlete.value = changed
  open.value = null
  tell(t('athleteView.saved'))
}

async function archive(): Promise<void> {
  const path = { athlete: props.id }
  const done = await attempt(() => answerOf(api.DELETE('/api/athletes/{athlete}', { params: { path } })))
  if (!done) return
  await router.push('/')
  tell(t('athleteView.isArchivedYouCanRestoreThem', { name: athlete.value?.name }))
}

async function erased(): Promise<void> {
  await router.push('/')
  tell(t('athleteView.erasedTheLogKeepsThatAn'))
}

async function begin(id: string, route: Itinerary['id']): Promise<void> {
  await router.push({ name: route === 'touchline' ? 'touchline' : 'bench', params: { id } })
}

onMounted(load)
watch(() => props.id, load)
</script>

<template>
  <SubjectPage :title="athlete ? `${athlete.name}, ${athlete.age}` : t('athleteView.athlete')">
    <template v-if="athlete" #beside>
      <UiButton kind="main" @click="open = 'start'">{{ t('athleteView.examine') }}</UiButton>
    </template>
    <UiAlert v-if="problem" :say="problem">
      <UiButton v-if="!athlete" @click="load">{{ t('athleteView.tryAgain') }}</UiButton>
    </UiAlert>
    <UiWaiting v-else-if="!athlete" :label="t('athleteView.loadingTheAthlete')" />
    <div v-if="athlete" class="columns">
      <div>
        <section aria-labelledby="knees">
          <h2 id="knees">{{ t('athleteView.knees') }}</h2>
          <UiEmpty
            v-if="athlete.episodes.length === 0"
            :say="
              session.user?.answers
                ? t('athleteView.noKneeOfThisAthleteWas')
                : t('athleteView.noExaminationOfYoursYetThose')
            "
          />
          <EpisodeCard
            v-for="episode in athlete.episodes"
            :key="episode.id"
            :episode="episode"
            :visits="visitsOf(episode.id)"
            @changed="load"
          />
          <TimeLine :episodes="athlete.episodes" :visits="athlete.examinations" />
        </section>
        <section v-if="athlete.letters.length > 0" aria-labelledby="letters">
          <h2 id="letters">{{ t('athleteView.letters') }}</h2>
          <ul>
            <li v-for="letter in athlete.letters" :key="letter.id" class="closed">
              <RouterLink :to="{ name: 'letter', params: { id: letter.id } }">
                {{ letter.toName || t('athleteView.noRecipientYet') }}
              </RouterLink>
              <small>
                {{
                  letter.sent
                    ? t('athleteView.sent', { sent: letter.sent, at: day(letter.at) })
                    : t('athleteView.draftOf', { at: day(letter.at) })
                }}
              </small>
            </li>
          </ul>
        </section>
      </div>
      <div>
        <section aria-labelledby="due">
          <h2 id="due">{{ t('athleteView.tasks') }}</h2>
          <DueList :tasks="openTasks" @changed="load" @examine="open = 'start'" />
          <UiMore v-if="closed.length > 0" :title="t('athleteView.closed', { n: closed.length })">
            <ul>
              <li v-for="task in closed" :key="task.id" class="closed">
                {{ task.title }}
                <small>
                  {{ task.state === 'let_go' ? t('athleteView.dismissed') : t('athleteView.done')
                  }}{{ task.closing ? `: ${task.closing}` : '' }}
                </small>
              </li>
            </ul>
          </UiMore>
          <template v-if="athlete.proposals.length > 0">
            <h3>{{ t('athleteView.proposed') }}</h3>
            <ProposalList :proposals="athlete.proposals" @changed="load" />
          </template>
          <NoteTask :athlete="athlete.id" @noted="load" />
        </section>
        <HospitalReferrals v-if="keepsLists" :key="id" :athlete="id" :tasks="openTasks" @changed="load" />
        <section aria-labelledby="facts">
          <h2 id="facts">{{ t('athleteView.details') }}</h2>
          <dl>
            <template v-for="[name, value] in facts" :key="name">
              <dt>{{ name }}</dt>
              <dd>{{ value }}</dd>
            </template>
          </dl>
          <p v-if="keepsLists" class="actions">
            <UiButton @click="open = 'edit'">{{ t('athleteView.editDetails') }}</UiButton>
            <UiButton kind="quiet" @click="open = 'archive'">{{ t('athleteView.archiveAthlete') }}</UiButton>
            <template v-if="session.user?.leads">
              <UiButton kind="quiet" @click="open = 'export'">{{ t('athleteView.exportRecord') }}</UiButton>
              <UiButton kind="quiet" @click="open = 'erase'">{{ t('athleteView.eraseAthlete') }}</UiButton>
            </template>
          </p>
        </section>
      </div>
    </div>
    <StartDialog v-if="athlete && open === 'start'" :athlete="athlete" @close="open = null" @started="begin" />
    <AthleteExport v-if="athlete && open === 'export'" :athlete="athlete" @close="open = null" />
    <AthleteDialog v-if="athlete && open === 'edit'" :athlete="athlete" @close="open = null" @saved="saved" />
    <EraseDialog v-if="athlete && open === 'erase'" :athlete="athlete" @close="open = null" @erased="erased" />
    <UiDialog
      v-if="athlete && open === 'archive'"
      :title="t('athleteView.archiveName', { name: athlete.name })"
      @close="open = null"
    >
      <p>{{ t('athleteView.theyLeaveTheListsTheirExaminations') }}</p>
      <template #actions>
        <UiButton @click="open = null">{{ t('athleteView.cancel') }}</UiButton>
        <UiButton kind="main" :disabled="busy" @click="archive">{{ t('athleteView.archiveAthlete') }}</UiButton>
      </template>
    </UiDialog>
  </SubjectPage>
</template>

<style scoped>
.columns,
.columns > div {
  display: grid;
  gap: 26px clamp(22px, 5vw, 64px);
  align-items: start;
}
.columns {
  grid-template-columns: minmax(0, 3fr) minmax(0, 2fr);
}
section {
  display: grid;
  gap: 12px;
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
  flex-wrap: wrap;
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
