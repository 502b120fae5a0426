<script setup lang="ts">
import { t } from '@/messages/people'
import { defineAsyncComponent, ref } from 'vue'
import { answerOf, api } from '@/api/client'
import type { Proposal } from '@/contract/types'
import { moment } from '@/shared/dates'
import { useDoing } from '@/shared/useDoing'
import { useSession } from '@/stores/session'
import UiAlert from '@/ui/UiAlert.vue'
import UiButton from '@/ui/UiButton.vue'
import { tell } from '@/ui/telling'
import { kneeOf } from '@/shared/words'

/** What students propose: the person who answers for it decides, the person who proposed sees how it was decided. */
defineProps<{ proposals: readonly Proposal[]; named?: boolean }>()
const emit = defineEmits<{ changed: [] }>()

/** Seldom asked for: it comes with its form when it is. */
const DeclineDialog = defineAsyncComponent(() => import('./DeclineDialog.vue'))

const session = useSession()
const against = ref<Proposal | null>(null)
const { busy, problem, attempt } = useDoing()

/** @param why of a proposal that is declined */
async function decide(proposal: Proposal, take: boolean, why = ''): Promise<void> {
  const path = { proposal: proposal.id }
  const body = take ? { take } : { take, why }
  const done = await attempt(() => answerOf(api.PUT('/api/proposals/{proposal}', { params: { path }, body })))
  if (!done) return
  tell(take ? t('proposalList.acceptedItIsRecordedAsIf') : t('proposalList.declinedTheStudentCanReadWhy'))
  against.value = null
  emit('changed')
}

async function takeBack(proposal: Proposal): Promise<void> {
  const path = { proposal: proposal.id }
  const done = await attempt(() => answerOf(api.DELETE('/api/proposals/{proposal}', { params: { path } })))
  if (done) emit('changed')
}
</script>

<template>
  <ul>
    <li v-for="one in proposals" :key="one.id">
      <span class="what">
        <b v-if="named">
          <RouterLink :to="{ name: 'athlete', params: { id: one.athlete.id } }">{{ one.athlete.name }}</RouterLink>
          <template v-if="one.side">, {{ kneeOf(one.side) }}</template>
        </b>
        <span>{{ one.title }}</span>
        <span v-if="one.note" class="note">“{{ one.note }}”</span>
        <small v-if="one.state === 'open'">
          {{ t('proposalList.proposedByNotValidUntilAccepted', { by: one.by, at: moment(one.at) }) }}
        </small>
        <small v-else-if="one.state === 'taken'">
          {{ t('proposalList.acceptedBy', { decidedBy: one.decidedBy }) }}
        </small>
        <small v-else>{{ t('proposalList.declinedBy', { decidedBy: one.decidedBy, why: one.why }) }}</small>
      </span>
      <span v-if="one.state === 'open'" class="beside">
        <template v-if="session.user?.answers">
          <UiButton
            :disabled="busy"
            :aria-label="t('proposalList.accept', { title: one.title })"
            @click="decide(one, true)"
          >
            {{ t('proposalList.accept2') }}
          </UiButton>
          <UiButton kind="quiet" :aria-label="t('proposalList.decline', { title: one.title })" @click="against = one">
            {{ t('proposalList.decline2') }}
          </UiButton>
        </template>
        <UiButton
          v-else
          kind="quiet"
          :disabled="busy"
          :aria-label="t('proposalList.withdraw', { title: one.title })"
          @click="takeBack(one)"
        >
          {{ t('proposalList.withdraw2') }}
        </UiButton>
      </span>
    </li>
  </ul>
  <UiAlert v-if="problem && !against" :say="problem" />
  <DeclineDialog
    v-if="against"
    :proposal="against"
    :busy="busy"
    :problem="problem"
    @decline="(why) => against && decide(against, false, why)"
    @close="against = null"
  />
</template>

<style scoped>
li {
  display: flex;
  justify-content: space-between;
  align-items: center;
  gap: 12px;
  min-height: var(--touch);
  padding: 8px 0;
  border-top: 1px solid var(--line);
}
.what {
  display: grid;
  min-width: 0;
}
.what b {
  font-weight: 600;
}
.what a {
  text-decoration: none;
}
.what a:hover {
  text-decoration: underline;
}
.note {
  color: var(--text-2);
  white-space: pre-line;
}
small {
  color: var(--text-3);
}
.beside {
  display: flex;
  flex-shrink: 0;
}
@media (--phone) {
  li {
    flex-wrap: wrap;
  }
}
</style>
