<script setup lang="ts">
import { computed, ref } from 'vue'
import { useRouter } from 'vue-router'
import { t } from '@/messages/bench'
import { moment } from '@/shared/dates'
import { capital } from '@/shared/words'
import { useExamination } from '@/stores/examination'
import { useOpenExamination } from '@/stores/openExamination'
import UiButton from '@/ui/UiButton.vue'
import DiscardBegunDialog from './DiscardBegunDialog.vue'

/** Says that the server does not have this examination yet, which began on this device, or why it refused it. */
const router = useRouter()
const examination = useExamination()
const opened = useOpenExamination()
const asking = ref(false)
const begun = computed(() => examination.begun)
const name = computed(() => opened.head?.athlete.name ?? '')
const past = computed(() => {
  if (begun.value?.added) return t('begunBar.athleteIsAddedToo', { name: name.value })
  const at = begun.value?.pastAt
  if (at) return t('begunBar.earlierVisitsAsOf', { name: name.value, at: moment(at) })
  return t('begunBar.earlierVisitsAreNotHere', { name: name.value })
})
const isNumberTaken = computed(() => begun.value?.refused?.path === 'number')

/** It was this athlete all along. */
function use(athlete: string): void {
  if (begun.value) examination.beginAnew({ ...begun.value, athlete, added: null })
}

function change(facts: { isAnother?: true; number?: null }): void {
  if (begun.value?.added) examination.beginAnew({ ...begun.value, added: { ...begun.value.added, ...facts } })
}

function tryAgain(): void {
  if (begun.value) examination.beginAnew(begun.value)
}

async function discard(): Promise<void> {
  await examination.discard()
  await router.push({ name: 'today' })
}
</script>

<template>
  <section
    v-if="begun"
    class="begun"
    :class="{ refused: begun.refused }"
    :aria-label="t('begunBar.startedOnThisDevice')"
  >
    <p v-if="begun.refused === null" role="status">
      <b>{{ t('begunBar.startedOnThisDevice') }}.</b>
      {{ past }}
    </p>
    <div v-else role="alert">
      <b>{{ t('begunBar.notStartedOnTheServer') }}</b>
      <p>{{ t('begunBar.reason', { reason: capital(begun.refused.reason) }) }}</p>
      <ul v-if="begun.refused.similar.length > 0">
        <li v-for="one in begun.refused.similar" :key="one.id">
          <span>{{ [one.name, one.squad, one.number].filter(Boolean).join(', ') }}</span>
          <UiButton v-if="!one.isArchived" @click="use(one.id)">{{ t('begunBar.useThisAthlete') }}</UiButton>
          <span v-else class="quiet-text">{{ t('begunBar.archived') }}</span>
        </li>
      </ul>
      <p class="choose">
        <UiButton v-if="begun.refused.similar.length > 0" @click="change({ isAnother: true })">
          {{ t('begunBar.addAsADifferentAthlete') }}
        </UiButton>
        <UiButton v-else-if="isNumberTaken" @click="change({ number: null })">
          {{ t('begunBar.addWithoutTheNumber') }}
        </UiButton>
        <UiButton v-else @click="tryAgain">{{ t('begunBar.tryAgain') }}</UiButton>
        <UiButton @click="asking = true">{{ t('begunBar.discardExamination') }}</UiButton>
      </p>
    </div>
    <DiscardBegunDialog v-if="asking" :entries="examination.waitingCount" @close="asking = false" @discard="discard" />
  </section>
</template>

<style scoped>
.begun {
  margin-bottom: 14px;
  color: var(--text-2);
}
.begun.refused {
  padding: 12px 16px;
  border: 2px solid var(--ink);
  border-left-width: 8px;
  border-radius: var(--radius);
  color: var(--ink);
}
.begun > div {
  display: grid;
  gap: 6px;
}
li {
  display: flex;
  flex-wrap: wrap;
  justify-content: space-between;
  align-items: center;
  gap: 8px;
}
.choose {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
</style>
