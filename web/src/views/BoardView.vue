<script setup lang="ts">
import { computed, onMounted, ref } from 'vue'
import { answerOf, api } from '@/api/client'
import type { Availability } from '@/contract/types'
import SubjectPage from '@/frame/SubjectPage.vue'
import { t } from '@/messages/views'
import { span } from '@/shared/dates'
import { useDoing } from '@/shared/useDoing'
import { useSession } from '@/stores/session'
import UiAlert from '@/ui/UiAlert.vue'
import UiButton from '@/ui/UiButton.vue'
import UiEmpty from '@/ui/UiEmpty.vue'
import UiWaiting from '@/ui/UiWaiting.vue'

/** Who may play, squad by squad: all that a coach sees, and on paper what hangs in the changing room. */
const session = useSession()
const board = ref<Availability[] | null>(null)
const { problem, attempt } = useDoing()
const examines = computed(() => session.user?.examines === true)
const squads = computed(() => {
  const groups = new Map<string, Availability[]>()
  for (const one of board.value ?? []) {
    for (const squad of new Set([one.squad, ...one.alsoIn])) groups.set(squad, [...(groups.get(squad) ?? []), one])
  }
  return [...groups].sort(([one], [other]) => one.localeCompare(other))
})

function load(): void {
  void attempt(async () => {
    board.value = await answerOf(api.GET('/api/board'))
  })
}

/** When a knee is looked at again, as far as that is known. */
function again({ review }: Availability): string {
  return review ? span(review.from, review.by) : t('boardView.notPlanned')
}

function print(): void {
  window.print()
}

onMounted(load)
</script>

<template>
  <SubjectPage :title="t('boardView.availability')">
    <template #beside>
      <UiButton @click="print">{{ t('boardView.print') }}</UiButton>
    </template>
    <UiAlert v-if="problem" :say="problem">
      <UiButton @click="load">{{ t('boardView.tryAgain') }}</UiButton>
    </UiAlert>
    <UiWaiting v-else-if="!board" :label="t('boardView.loadingTheBoard')" />
    <UiEmpty
      v-else-if="board.length === 0"
      :say="examines ? t('boardView.noExaminationIsSignedYet') : t('boardView.noExaminedAthleteHasAgreedTo')"
    />
    <section v-for="[squad, athletes] in squads" :key="squad" :aria-label="squad">
      <h2>
        {{ squad }}
        <small v-if="session.seasonOf(squad)">{{ session.seasonOf(squad) }}</small>
      </h2>
      <div class="wide" role="region" :aria-label="t('boardView.availability2', { squad })" tabindex="0">
        <table>
          <thead>
            <tr>
              <th scope="col">{{ t('boardView.athlete') }}</th>
              <th scope="col">{{ t('boardView.now') }}</th>
              <th scope="col">{{ t('boardView.notAllowed') }}</th>
              <th scope="col">{{ t('boardView.allowed') }}</th>
              <th scope="col">{{ t('boardView.nextExamination') }}</th>
              <th v-if="examines" scope="col">{{ t('boardView.sharedWithCoach') }}</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="one in athletes" :key="one.athlete">
              <th scope="row">
                <RouterLink v-if="examines" :to="{ name: 'athlete', params: { id: one.athlete } }">
                  {{ one.name }}
                </RouterLink>
                <template v-else>{{ one.name }}</template>
                <small v-if="one.number" class="number">{{ one.number }}</small>
              </th>
              <td>
                <b class="status" :class="one.status">{{ one.label }}</b>
              </td>
              <td :data-label="t('boardView.notAllowed')" :class="{ none: one.notThis.length === 0 }">
                {{ one.notThis.join(', ') }}
              </td>
              <td :data-label="t('boardView.allowed')" :class="{ none: one.thisYes.length === 0 }">
                {{ one.thisYes.join(', ') }}
              </td>
              <td :data-label="t('boardView.nextExamination')" class="number">
                <span>
                  <b v-if="one.review?.isOverdue">{{ t('boardView.overdue') }}</b>
                  {{ again(one) }}
                </span>
              </td>
              <td v-if="examines" :data-label="t('boardView.sharedWithCoach')">
                {{ one.coachMayKnow ? t('boardView.yes') : t('boardView.no') }}
              </td>
            </tr>
          </tbody>
        </table>
      </div>
    </section>
    <p v-if="board && board.length > 0" class="note">
      {{ examines ? t('boardView.byTheLastSignedExamination') : t('boardView.byTheLastSignedExaminationShared') }}
    </p>
  </SubjectPage>
</template>

<style scoped>
section {
  display: grid;
  gap: 6px;
}
.wide {
  overflow-x: auto;
}
table {
  width: 100%;
  min-width: 720px;
  border-collapse: collapse;
  table-layout: fixed;
}
th,
td {
  padding: 10px 16px 10px 0;
  text-align: left;
  vertical-align: top;
  font-weight: 400;
  border-bottom: 1px solid var(--line);
}
thead th {
  color: var(--text-3);
  font-size: var(--type-small);
}
tbody th {
  font-weight: 600;
}
h2 small {
  margin-left: 12px;
  font-size: var(--type-small);
}
td small,
th small {
  display: block;
}
small {
  font-weight: 400;
  color: var(--text-2);
}
.status {
  display: inline-block;
  padding: 2px 10px;
  font-weight: 600;
  border: 1px solid var(--line-2);
  border-radius: var(--radius);
}
.status.out {
  color: var(--on-band);
  background: var(--band);
  border-color: var(--band);
}
.note {
  color: var(--text-2);
}
/* A coach stands at the edge of the pitch: nothing lies beyond the edge of the phone. */
@media screen and (--phone) {
  table {
    min-width: 0;
  }
  thead {
    position: absolute;
    width: 1px;
    height: 1px;
    overflow: hidden;
    clip-path: inset(50%);
  }
  tbody tr {
    display: grid;
    grid-template-columns: 1fr auto;
    gap: 4px 12px;
    align-items: start;
    padding: 12px 0;
    border-bottom: 1px solid var(--line);
  }
  tbody th,
  tbody td {
    padding: 0;
    border: 0;
  }
  td[data-label] {
    display: grid;
    grid-template-columns: 118px 1fr;
    grid-column: 1 / -1;
  }
  td[data-label]::before {
    content: attr(data-label);
    color: var(--text-3);
  }
  td.none {
    display: none;
  }
}
</style>
