<script setup lang="ts">
import { computed, defineAsyncComponent, ref } from 'vue'
import { answerOf, api } from '@/api/client'
import type { ExaminationSummary, ReferenceResult, Episode } from '@/contract/types'
import { t } from '@/messages/people'
import { day } from '@/shared/dates'
import { useDoing } from '@/shared/useDoing'
import { capital, inHundred, kneeOf, letterOf } from '@/shared/words'
import { useSession } from '@/stores/session'
import UiAlert from '@/ui/UiAlert.vue'
import UiButton from '@/ui/UiButton.vue'
import UiMore from '@/ui/UiMore.vue'
import { tell } from '@/ui/telling'
import ResultFiles from './ResultFiles.vue'
import VisitList from './VisitList.vue'

/** An episode of one knee: every visit, and what it turned out to be beside what was held likely. */
const props = defineProps<{ episode: Episode; visits: readonly ExaminationSummary[] }>()
const emit = defineEmits<{ changed: [] }>()

const ReferenceResultDialog = defineAsyncComponent(() => import('./ReferenceResultDialog.vue'))

/** So many visits stand there without a tap. */
const SHOWN = 5

const session = useSession()
const open = ref<{ result?: ReferenceResult } | null>(null)
const { busy, problem, attempt } = useDoing()

/** A result stands among the visits of its time. */
const looks = computed(() => props.episode.referenceResults.filter(({ removed }) => !removed))
const since = computed(() => props.visits[SHOWN - 1]?.examinedAt ?? '')
const recent = computed(() => looks.value.filter(({ on }) => props.visits.length <= SHOWN || on >= since.value))
const older = computed(() => looks.value.filter((one) => !recent.value.includes(one)))

const mayAnswer = computed(() => session.user?.answers === true)
const graded = ({ label, grade }: { label: string; grade: number | null }): string =>
  grade ? t('episodeCard.grade', { label, grade }) : label

function said({ answers, weeks }: ReferenceResult): string {
  const found = answers.filter((one) => one.seen === 'present')
  const words = found.map((one) => graded(one))
  const absent = answers.length - found.length
  if (absent > 0)
    words.push(
      found.length > 0 ? t('episodeCard.lookedForAndNotFound', { absent }) : t('episodeCard.noneOfFound', { absent }),
    )
  const list = words.join(', ')
  return weeks === null ? list : t('episodeCard.afterWeeks', { n: weeks, list })
}

async function remove(result: ReferenceResult): Promise<void> {
  const path = { result: result.id }
  const done = await attempt(() => answerOf(api.DELETE('/api/reference-results/{result}', { params: { path } })))
  if (!done) return
  tell(t('episodeCard.removedYouCanRestoreItHere'))
  emit('changed')
}

async function takeBack(result: ReferenceResult): Promise<void> {
  const path = { removed: result.id }
  const done = await attempt(() =>
    answerOf(api.POST('/api/reference-results/{removed}/restoration', { params: { path } })),
  )
  if (done) emit('changed')
}

function saved(): void {
  open.value = null
  emit('changed')
}
</script>

<template>
  <article>
    <h3 v-if="episode.isBaseline">
      <span class="side" aria-hidden="true">{{ t('episodeCard.lr') }}</span>
      {{ t('episodeCard.baselineBothKneesBeforeAnyInjury') }}
    </h3>
    <h3 v-else>
      <span class="side" aria-hidden="true">{{ letterOf(episode.hurtSide) }}</span>
      {{
        episode.injuredOn
          ? t('episodeCard.knee', { knee: capital(kneeOf(episode.hurtSide)), injuredOn: day(episode.injuredOn) })
          : t('episodeCard.kneeWithoutInjury', { knee: capital(kneeOf(episode.hurtSide)) })
      }}
    </h3>
    <p v-if="episode.follows" class="quiet-text">
      {{
        episode.follows.injuredOn
          ? t('episodeCard.again', { injuredOn: day(episode.follows.injuredOn) })
          : t('episodeCard.againWithoutInjury')
      }}
    </p>
    <VisitList :visits="visits.slice(0, SHOWN)" :results="recent" />
    <UiMore v-if="visits.length > SHOWN" :title="t('episodeCard.earlier', { n: visits.length - SHOWN })">
      <VisitList :visits="visits.slice(SHOWN)" :results="older" />
    </UiMore>
    <table v-if="episode.consensus.length > 0" class="figures">
      <thead>
        <tr>
          <th scope="col">{{ t('episodeCard.confirmed') }}</th>
          <th scope="col">{{ t('episodeCard.by') }}</th>
          <th scope="col" class="n">{{ t('episodeCard.predictedIn100') }}</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="one in episode.consensus" :key="one.condition">
          <th scope="row">
            {{ capital(graded(one)) }}:
            <b>{{ one.seen === 'present' ? t('episodeCard.found') : t('episodeCard.notFound') }}</b>
            <small v-if="one.disputed">{{ t('episodeCard.anotherResultDisagrees') }}</small>
          </th>
          <td>{{ one.by }}</td>
          <td class="n">{{ one.predicted ? inHundred(one.predicted.chance) : '–' }}</td>
        </tr>
      </tbody>
    </table>
    <ul v-if="episode.referenceResults.length > 0" class="results">
      <li v-for="one in episode.referenceResults" :key="one.id" :class="{ removed: one.removed }">
        <span>
          <b>{{ one.label }}, {{ day(one.on) }}</b>
          {{ said(one) }}
          <small v-if="one.note">{{ one.note }}</small>
          <ResultFiles v-if="!one.removed" :result="one" :may-change="mayAnswer" @changed="emit('changed')" />
        </span>
        <span v-if="mayAnswer" class="beside">
          <UiButton
            v-if="one.removed"
            :disabled="busy"
            :aria-label="t('episodeCard.restore', { label: one.label })"
            @click="takeBack(one)"
          >
            {{ t('episodeCard.restore2') }}
          </UiButton>
          <template v-else>
            <UiButton
              kind="quiet"
              :aria-label="t('episodeCard.edit', { label: one.label })"
              @click="open = { result: one }"
            >
              {{ t('episodeCard.edit2') }}
            </UiButton>
            <UiButton
              kind="quiet"
              :disabled="busy"
              :aria-label="t('episodeCard.remove', { label: one.label })"
              @click="remove(one)"
            >
              {{ t('episodeCard.remove2') }}
            </UiButton>
          </template>
        </span>
      </li>
    </ul>
    <p v-if="!episode.isBaseline" class="foot">
      <UiButton @click="open = {}">
        {{ mayAnswer ? t('episodeCard.enterResult') : t('episodeCard.proposeAResult') }}
      </UiButton>
      <UiButton
        v-if="visits.some((visit) => visit.status === 'signed')"
        kind="quiet"
        :to="{ name: 'course', params: { id: episode.id } }"
      >
        {{ t('episodeCard.trendsAndComparison') }}
      </UiButton>
    </p>
    <UiAlert v-if="problem" :say="problem" />
    <ReferenceResultDialog
      v-if="open"
      :episode="episode.id"
      :result="open.result"
      @close="open = null"
      @saved="saved"
    />
  </article>
</template>

<style scoped>
article {
  padding: 14px 18px 14px;
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
table {
  margin-top: 10px;
}
.results li {
  display: flex;
  justify-content: space-between;
  align-items: center;
  gap: 12px;
  min-height: var(--touch);
  padding: 6px 0;
  border-top: 1px solid var(--line);
}
.results small,
th small {
  display: block;
  color: var(--text-2);
  white-space: pre-line;
}
.removed > span:first-child {
  color: var(--text-3);
  text-decoration: line-through;
}
.beside {
  display: flex;
  flex-shrink: 0;
}
.foot {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  margin-top: 10px;
}
</style>
