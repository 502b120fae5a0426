<script setup lang="ts">
import { computed, onMounted, ref } from 'vue'
import type { Today } from '@/contract/types'
import { t } from '@/messages/people'
import { keptAthlete } from '@/stores/kept'
import { type Unsent, unsent } from '@/sync'

/** What was entered on this device and is not with the server yet, by examination. */
const props = defineProps<{ cases: readonly Today['unfinished'][number][] }>()
const here = ref<(Unsent & { name: string | null })[]>([])
const waiting = computed(() =>
  here.value.map(({ examination: id, count, name }) => {
    const listed = props.cases.find(({ examination }) => examination.id === id)
    return { id, count, name: name ?? listed?.athlete.name ?? t('unsentList.anExamination') }
  }),
)

async function look(): Promise<void> {
  const left = await unsent()
  here.value = await Promise.all(left.map(async (one) => ({ ...one, name: await keptAthlete(one.examination) })))
}

onMounted(look)
</script>

<template>
  <p v-for="{ id, name, count } in waiting" :key="id" class="ink-line">
    <span aria-hidden="true">!</span>
    <span>
      <b>{{ t('unsentList.forNotSentYet', { n: count, name }) }}</b>
      <RouterLink :to="{ name: 'bench', params: { id } }">{{ t('unsentList.openExaminationToSend') }}</RouterLink>
    </span>
  </p>
</template>

<style scoped>
p {
  margin-bottom: 10px;
}
</style>
