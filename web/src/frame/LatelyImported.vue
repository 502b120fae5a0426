<script setup lang="ts">
import { t } from '@/messages/frame'
import { moment } from '@/shared/dates'
import UiButton from '@/ui/UiButton.vue'

/** Files that came in since yesterday, to be undone. */
interface Lately {
  id: string
  state: 'waiting' | 'running' | 'done' | 'failed' | 'taken_back'
  at: string
  problem: string | null
  canBeTakenBack: boolean
}
defineProps<{ imports: readonly (Lately & { say: string })[]; busy: boolean }>()
const emit = defineEmits<{ undo: [id: string] }>()

const WORDS: Record<Lately['state'], string> = {
  waiting: t('latelyImported.waiting'),
  running: t('latelyImported.underWay'),
  done: t('latelyImported.added'),
  failed: t('latelyImported.notAdded'),
  taken_back: t('latelyImported.undone'),
}
</script>

<template>
  <section v-if="imports.length > 0" aria-labelledby="lately">
    <h2 id="lately">{{ t('latelyImported.sinceYesterday') }}</h2>
    <ul>
      <li v-for="one in imports" :key="one.id">
        <span>
          <b>{{ t('latelyImported.what', { say: one.say, state: WORDS[one.state] }) }}</b>
          <small>{{ moment(one.at) }}{{ one.problem ? `: ${one.problem}` : '' }}</small>
        </span>
        <UiButton v-if="one.canBeTakenBack" :disabled="busy" @click="emit('undo', one.id)">
          {{ t('latelyImported.undoImport') }}
        </UiButton>
      </li>
    </ul>
    <slot />
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
