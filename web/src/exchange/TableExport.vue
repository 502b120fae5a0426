<script setup lang="ts">
import { onMounted } from 'vue'
import { useTableExport } from './useTableExport'
import { t } from '@/messages/exchange'
import UiAlert from '@/ui/UiAlert.vue'
import UiButton from '@/ui/UiButton.vue'
import UiProgress from '@/ui/UiProgress.vue'

/** All signed examinations of the team as tables, for a lead. */
const { busy, problem, state, address, isRunning, ask, resume } = useTableExport()

function progressOf(done: number, total: number): string {
  return done < total ? t('tableExport.writing', { done, total }) : t('tableExport.zipping')
}

onMounted(resume)
</script>

<template>
  <section aria-labelledby="tables">
    <h2 id="tables">{{ t('tableExport.tables') }}</h2>
    <p class="quiet-text">{{ t('tableExport.say') }}</p>
    <UiAlert v-if="problem" :say="problem" />
    <template v-if="state && isRunning">
      <p role="status">{{ progressOf(state.done, state.total) }}</p>
      <UiProgress :label="t('tableExport.tables')" :done="state.done" :total="state.total" />
    </template>
    <p v-else-if="address" role="status">{{ t('tableExport.ready') }}</p>
    <p class="actions">
      <UiButton v-if="address" kind="main" :href="address" download="knees-tables.zip">
        {{ t('tableExport.save') }}
      </UiButton>
      <UiButton :disabled="busy || isRunning" @click="ask">{{ t('tableExport.export') }}</UiButton>
    </p>
  </section>
</template>

<style scoped>
section {
  display: grid;
  gap: 12px;
}
.actions {
  display: flex;
  flex-wrap: wrap;
  gap: 12px;
}
</style>
