<script setup lang="ts">
import { onMounted, ref } from 'vue'
import { answerOf, api } from '@/api/client'
import type { Import } from '@/contract/types'
import { t } from '@/messages/people'
import { moment } from '@/shared/dates'
import { useDoing } from '@/shared/useDoing'
import UiAlert from '@/ui/UiAlert.vue'
import UiButton from '@/ui/UiButton.vue'
import { tell } from '@/ui/telling'

/** Lists that came in since yesterday, to be taken back. */
const WORDS: Record<Import['state'], string> = {
  waiting: t('importsLately.waiting'),
  running: t('importsLately.underWay'),
  done: t('importsLately.added'),
  failed: t('importsLately.notAdded'),
  taken_back: t('importsLately.undone'),
}
const lately = ref<Import[]>([])
const { busy, problem, attempt } = useDoing()

async function load(): Promise<void> {
  lately.value = await answerOf(api.GET('/api/imports')).catch(() => [])
}

async function takeBack(id: string): Promise<void> {
  await attempt(async () => {
    const { stayed } = await answerOf(api.DELETE('/api/imports/{import}', { params: { path: { import: id } } }))
    tell(
      stayed === 0
        ? t('importsLately.importUndone')
        : t('importsLately.importUndoneExceptWithAnExamination', { stayed }),
    )
    await load()
  })
}

defineExpose({ load })
onMounted(load)
</script>

<template>
  <section v-if="lately.length > 0" aria-labelledby="lately">
    <h2 id="lately">{{ t('importsLately.sinceYesterday') }}</h2>
    <ul>
      <li v-for="one in lately" :key="one.id">
        <span>
          <b>{{ t('importsLately.athletes', { n: one.total, state: WORDS[one.state] }) }}</b>
          <small>{{ moment(one.at) }}{{ one.problem ? `: ${one.problem}` : '' }}</small>
        </span>
        <UiButton v-if="one.canBeTakenBack" :disabled="busy" @click="takeBack(one.id)">
          {{ t('importsLately.undoImport') }}
        </UiButton>
      </li>
    </ul>
    <UiAlert v-if="problem" :say="problem" />
  </section>
</template>

<style scoped>
section {
  display: grid;
  gap: 8px;
}
li {
  display: flex;
  justify-content: space-between;
  align-items: center;
  gap: 12px;
  min-height: 56px;
  border-top: 1px solid var(--line);
}
small {
  display: block;
  color: var(--text-2);
}
</style>
