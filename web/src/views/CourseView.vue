<script setup lang="ts">
import { computed, onMounted, ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import { answerOf, api } from '@/api/client'
import CourseChart from '@/charts/CourseChart.vue'
import VisitComparison from '@/charts/VisitComparison.vue'
import { chances, highest, measures } from '@/charts/series'
import type { Course } from '@/contract/types'
import SubjectPage from '@/frame/SubjectPage.vue'
import { t } from '@/messages/views'
import { day } from '@/shared/dates'
import { useDoing } from '@/shared/useDoing'
import { inHundred, kneeOf } from '@/shared/words'
import UiAlert from '@/ui/UiAlert.vue'
import UiButton from '@/ui/UiButton.vue'
import UiEmpty from '@/ui/UiEmpty.vue'
import UiMore from '@/ui/UiMore.vue'
import UiTimeline from '@/ui/UiTimeline.vue'
import UiWaiting from '@/ui/UiWaiting.vue'

/** The course of one knee: what happened when, and how it went. */
const props = defineProps<{ id: string }>()

/** Chances that were never higher than this are told last (of 100). */
const LOW = 10

const ASKED = {
  open: t('courseView.toRefer'),
  sent: t('courseView.referred'),
  done: t('courseView.referred'),
  let_go: t('courseView.notReferred'),
} as const

interface Event {
  id: string
  at: string
  title: string
  say: string
  to?: string
}

const router = useRouter()
const course = ref<Course | null>(null)
const { problem, attempt } = useDoing()

const curves = computed(() => (course.value ? measures(course.value) : []))
const likely = computed(() => (course.value ? chances(course.value) : []))
const high = computed(() => likely.value.filter((one) => highest(one) >= LOW))
const low = computed(() => likely.value.filter((one) => highest(one) < LOW))

const events = computed<Event[]>(() => {
  if (!course.value) return []
  const { episode, visits, asked } = course.value
  const happened: Event[] = visits.map(({ examination, at, chances: said }) => ({
    id: examination,
    at,
    title: t('courseView.examined'),
    say: said[0] ? t('courseView.in100', { label: said[0].label, chance: inHundred(said[0].chance) }) : '',
    to: examination,
  }))
  for (const { id, on, label, answers, removed } of episode.referenceResults) {
    if (removed) continue
    const found = answers.filter((one) => one.seen === 'present').map((one) => one.label)
    happened.push({
      id,
      at: on,
      title: label,
      say: found.length > 0 ? t('courseView.found', { found: found.join(', ') }) : t('courseView.nothingFound'),
    })
  }
  for (const [index, { title, at, state, closing }] of asked.entries()) {
    if (at)
      happened.push({
        id: t('courseView.asked', { index }),
        at,
        title: ASKED[state],
        say: closing ? `${title}: ${closing}` : title,
      })
  }
  if (episode.injuredOn) happened.push({ id: 'injury', at: episode.injuredOn, title: t('courseView.hurt'), say: '' })
  return happened.sort((one, other) => other.at.localeCompare(one.at))
})
const shown = computed(() => events.value.map((event) => ({ ...event, when: day(event.at), filled: !!event.to })))

async function load(): Promise<void> {
  const path = { episode: props.id }
  await attempt(async () => {
    course.value = await answerOf(api.GET('/api/episodes/{episode}/course', { params: { path } }))
  })
}

function open(id: string): void {
  void router.push({ name: 'summary', params: { id } })
}

onMounted(load)
watch(() => props.id, load)
</script>

<template>
  <SubjectPage
    :title="
      course
        ? t('courseView.knee', { name: course.athlete.name, knee: kneeOf(course.episode.hurtSide) })
        : t('courseView.courseOfAKnee')
    "
  >
    <template v-if="course" #beside>
      <UiButton :to="{ name: 'athlete', params: { id: course.athlete.id } }">{{ t('courseView.theAthlete') }}</UiButton>
    </template>
    <UiAlert v-if="problem" :say="problem">
      <UiButton @click="load">{{ t('courseView.tryAgain') }}</UiButton>
    </UiAlert>
    <UiWaiting v-else-if="!course" :label="t('courseView.loadingTheCourse')" />
    <template v-if="course">
      <UiEmpty v-if="course.visits.length === 0" :say="t('courseView.trendsBeginWithTheFirstSigned')" />
      <div class="columns">
        <section aria-labelledby="happened">
          <h2 id="happened">{{ t('courseView.whatHappened') }}</h2>
          <UiTimeline :label="t('courseView.whatHappenedNewestFirst')" :items="shown">
            <template #default="{ item }">
              <RouterLink v-if="item.to" :to="{ name: 'summary', params: { id: item.to } }">
                <b>{{ item.title }}</b>
              </RouterLink>
              <b v-else>{{ item.title }}</b>
              <small v-if="item.say">{{ item.say }}</small>
            </template>
          </UiTimeline>
        </section>
        <div class="curves">
          <section v-if="high.length > 0" aria-labelledby="chances">
            <h2 id="chances">{{ t('courseView.probabilitiesOutOf100SimilarKnees') }}</h2>
            <div class="grid">
              <CourseChart v-for="one in high" :key="one.id" :series="one" @open="open" />
            </div>
            <UiMore v-if="low.length > 0" :title="t('courseView.neverAboveIn100', { n: low.length, LOW })">
              <div class="grid">
                <CourseChart v-for="one in low" :key="one.id" :series="one" @open="open" />
              </div>
            </UiMore>
          </section>
          <section v-if="curves.length > 0" aria-labelledby="measures">
            <h2 id="measures">{{ t('courseView.measuresTheGreyBandIsThe') }}</h2>
            <div class="grid">
              <CourseChart v-for="one in curves" :key="one.id" :series="one" @open="open" />
            </div>
          </section>
          <VisitComparison
            v-if="course.visits.length > 0 && course.visits.length + course.baselines.length > 1"
            :episode="id"
            :visits="course.visits"
            :baselines="course.baselines"
          />
        </div>
      </div>
    </template>
  </SubjectPage>
</template>

<style scoped>
.columns {
  display: grid;
  grid-template-columns: minmax(180px, 240px) minmax(0, 1fr);
  gap: clamp(22px, 3vw, 44px);
  align-items: start;
}
.columns > section,
.curves,
.curves > section {
  display: grid;
  gap: 14px;
}
.curves {
  gap: 30px;
}
.grid {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(260px, 1fr));
  gap: 12px;
  align-items: start;
}
small {
  display: block;
  color: var(--text-2);
}
@media (--tablet) {
  .columns {
    grid-template-columns: 1fr;
  }
  .columns > section {
    order: 1;
  }
}
</style>
