<script setup lang="ts">
import { computed, defineAsyncComponent, ref } from 'vue'
import { answerOf, api } from '@/api/client'
import type { ExaminationSummary, KneeOutcome, Story } from '@/contract/types'
import { day } from '@/shared/dates'
import { useDoing } from '@/shared/useDoing'
import { capital, inHundred } from '@/shared/words'
import { useSession } from '@/stores/session'
import UiAlert from '@/ui/UiAlert.vue'
import UiButton from '@/ui/UiButton.vue'
import UiMore from '@/ui/UiMore.vue'
import { tell } from '@/ui/telling'
import ResultFiles from './ResultFiles.vue'
import VisitList from './VisitList.vue'

/** One story of one knee: every time it was looked at, and what it turned out to be beside what was held likely. */
defineProps<{ story: Story; visits: readonly ExaminationSummary[] }>()
const emit = defineEmits<{ changed: [] }>()

const OutcomeDialog = defineAsyncComponent(() => import('./OutcomeDialog.vue'))

/** So many visits stand there without a tap. */
const SHOWN = 5

const session = useSession()
const open = ref<{ outcome?: KneeOutcome } | null>(null)
const { busy, problem, attempt } = useDoing()

const mayAnswer = computed(() => session.user?.answers === true)
function said({ answers, weeks }: KneeOutcome): string {
  const found = answers.filter((one) => one.seen === 'present')
  const words = found.map((one) => one.label + (one.grade ? ` grade ${one.grade}` : ''))
  const absent = answers.length - found.length
  if (absent > 0) words.push(found.length > 0 ? `${absent} looked for and not found` : `none of ${absent} found`)
  return (weeks === null ? '' : `after ${weeks} weeks: `) + words.join(', ')
}

async function remove(outcome: KneeOutcome): Promise<void> {
  const path = { outcome: outcome.id }
  const done = await attempt(() => answerOf(api.DELETE('/api/outcomes/{outcome}', { params: { path } })))
  if (!done) return
  tell('Removed. For a day it can be taken back here.')
  emit('changed')
}

async function takeBack(outcome: KneeOutcome): Promise<void> {
  const path = { removed: outcome.id }
  const done = await attempt(() => answerOf(api.POST('/api/outcomes/{removed}/restoration', { params: { path } })))
  if (done) emit('changed')
}

function saved(): void {
  open.value = null
  emit('changed')
}
</script>

<template>
  <article>
    <h3 v-if="story.isBaseline">
      <span class="side" aria-hidden="true">LR</span>
      Baseline: both knees, while they were sound
    </h3>
    <h3 v-else>
      <span class="side" aria-hidden="true">{{ story.hurtSide === 'left' ? 'L' : 'R' }}</span>
      {{ story.hurtSide === 'left' ? 'Left' : 'Right' }} knee,
      {{ story.injuredOn ? `hurt on ${day(story.injuredOn)}` : 'came on without an injury' }}
    </h3>
    <VisitList :visits="visits.slice(0, SHOWN)" />
    <UiMore v-if="visits.length > SHOWN" :title="`${visits.length - SHOWN} earlier`">
      <VisitList :visits="visits.slice(SHOWN)" />
    </UiMore>
    <table v-if="story.stands.length > 0" class="figures">
      <thead>
        <tr>
          <th scope="col">It turned out</th>
          <th scope="col">By</th>
          <th scope="col" class="n">Held, of 100</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="one in story.stands" :key="one.condition">
          <th scope="row">
            {{ capital(one.label) }}{{ one.grade ? ` grade ${one.grade}` : '' }}:
            <b>{{ one.seen === 'present' ? 'found' : 'not found' }}</b>
            <small v-if="one.disputed">another look said otherwise</small>
          </th>
          <td>{{ one.by }}</td>
          <td class="n">{{ one.held ? inHundred(one.held.chance) : '–' }}</td>
        </tr>
      </tbody>
    </table>
    <ul v-if="story.outcomes.length > 0" class="outcomes">
      <li v-for="one in story.outcomes" :key="one.id" :class="{ removed: one.removed }">
        <span>
          <b>{{ one.label }}, {{ day(one.on) }}</b>
          {{ said(one) }}
          <small v-if="one.note">{{ one.note }}</small>
          <ResultFiles v-if="!one.removed" :outcome="one" :may-change="mayAnswer" @changed="emit('changed')" />
        </span>
        <span v-if="mayAnswer" class="beside">
          <UiButton v-if="one.removed" :disabled="busy" :aria-label="`Take back: ${one.label}`" @click="takeBack(one)">
            Take back
          </UiButton>
          <template v-else>
            <UiButton kind="quiet" :aria-label="`Change: ${one.label}`" @click="open = { outcome: one }">
              Change
            </UiButton>
            <UiButton kind="quiet" :disabled="busy" :aria-label="`Remove: ${one.label}`" @click="remove(one)">
              Remove
            </UiButton>
          </template>
        </span>
      </li>
    </ul>
    <p v-if="!story.isBaseline" class="foot">
      <UiButton @click="open = {}">
        {{ mayAnswer ? 'Result came' : 'Propose a result' }}
      </UiButton>
      <RouterLink
        v-if="visits.some((visit) => visit.status === 'signed')"
        class="button quiet"
        :to="{ name: 'course', params: { id: story.id } }"
      >
        Curves and comparison
      </RouterLink>
    </p>
    <UiAlert v-if="problem" :say="problem" />
    <OutcomeDialog v-if="open" :episode="story.id" :outcome="open.outcome" @close="open = null" @saved="saved" />
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
.outcomes li {
  display: flex;
  justify-content: space-between;
  align-items: center;
  gap: 12px;
  min-height: var(--touch);
  padding: 6px 0;
  border-top: 1px solid var(--line);
}
.outcomes small,
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
