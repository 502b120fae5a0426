<script setup lang="ts">
import { computed, useId, useTemplateRef, watch } from 'vue'
import RecordImportsLately from '@/exchange/RecordImportsLately.vue'
import RecordItems from '@/exchange/RecordItems.vue'
import RecordReading from '@/exchange/RecordReading.vue'
import { useRecordImport } from '@/exchange/useRecordImport'
import SubjectPage from '@/frame/SubjectPage.vue'
import VerdictBar from '@/frame/VerdictBar.vue'
import { t } from '@/messages/views'
import UiAlert from '@/ui/UiAlert.vue'
import UiButton from '@/ui/UiButton.vue'
import UiFile from '@/ui/UiFile.vue'
import UiMore from '@/ui/UiMore.vue'
import UiProgress from '@/ui/UiProgress.vue'

/** Examinations and results from elsewhere: what the file is, what becomes of each item, and only then is it stored. */
const { file, preview, wishes, origin, running, counts, busy, problem, read, choose, begin, again } = useRecordImport()
const lately = useTemplateRef<{ load: () => Promise<void> }>('lately')
const form = useId()

const FORMATS = {
  document: t('recordImportView.document'),
  json_lines: t('recordImportView.jsonLines'),
  zip: t('recordImportView.zip'),
  bundle: t('recordImportView.bundle'),
  result_table: t('recordImportView.resultTable'),
}
/** Whose all of it is, where it is one athlete's. */
const only = computed(() => {
  const stored = (preview.value?.items ?? []).filter(({ status }) => status === 'new')
  const athletes = new Map(stored.map(({ athlete }) => [athlete?.id, athlete]))
  return athletes.size === 1 ? [...athletes.values()][0] : null
})
const isUnderWay = computed(() => running.value?.state === 'waiting' || running.value?.state === 'running')

watch(isUnderWay, (still) => still || void lately.value?.load())
</script>

<template>
  <SubjectPage :title="t('recordImportView.importRecords')">
    <div v-if="running" class="running" role="status">
      <template v-if="isUnderWay">
        <h2>{{ t('recordImportView.storing', { n: running.total }) }}</h2>
        <UiProgress :label="t('recordImportView.stored')" :done="running.done" :total="running.total" />
        <p class="quiet-text">{{ t('recordImportView.allOrNone') }}</p>
      </template>
      <h2 v-else-if="running.state === 'done'">{{ t('recordImportView.inTheRecord', { n: running.total }) }}</h2>
      <UiAlert v-else :say="running.problem ?? t('recordImportView.nothingWasStored')" />
      <p v-if="!isUnderWay" class="actions">
        <UiButton v-if="only" kind="main" :to="{ name: 'athlete', params: { id: only.id } }">
          {{ t('recordImportView.goToAthlete', { name: only.name }) }}
        </UiButton>
        <UiButton v-else kind="main" to="/">{{ t('recordImportView.goToAthletes') }}</UiButton>
        <UiButton @click="again">{{ t('recordImportView.importAnotherFile') }}</UiButton>
      </p>
    </div>
    <template v-else>
      <UiFile
        :label="t('recordImportView.chooseAFile')"
        accept=".json,.jsonl,.ndjson,.zip,.csv,.txt,application/json,application/fhir+json,application/zip,text/csv"
        @chosen="choose"
      >
        <b>{{ file ? file.name : t('recordImportView.chooseAFile') }}</b>
        <p class="quiet-text">
          {{
            preview
              ? t('recordImportView.whatItIs', { what: FORMATS[preview.format], n: preview.items.length })
              : t('recordImportView.whatCanBeRead')
          }}
        </p>
      </UiFile>
      <UiAlert v-if="problem" :say="problem" />
      <template v-if="preview">
        <RecordReading
          :id="form"
          v-model:origin="origin"
          :items="preview.items"
          :wishes="wishes"
          @change="read"
          @submit="begin"
        />
        <VerdictBar>
          <b>{{ counts.new }}</b>
          {{ t('recordImportView.new') }}
          <b>{{ counts.same }}</b>
          {{ t('recordImportView.alreadyHere') }}
          <b>{{ counts.needsAthlete }}</b>
          {{ t('recordImportView.withoutAthlete') }}
          <b>{{ counts.refused }}</b>
          {{ t('recordImportView.notStored') }}
          <template #action>
            <UiButton kind="main" submit :form="form" :disabled="busy || counts.new === 0">
              {{ t('recordImportView.store', { n: counts.new }) }}
            </UiButton>
          </template>
        </VerdictBar>
        <RecordItems :items="preview.items" />
        <UiMore v-if="preview.unread.length > 0" :title="t('recordImportView.unread', { n: preview.unread.length })">
          <ul>
            <li v-for="part in preview.unread" :key="part">{{ part }}</li>
          </ul>
        </UiMore>
      </template>
    </template>
    <RecordImportsLately ref="lately" />
  </SubjectPage>
</template>

<style scoped>
.running {
  display: grid;
  gap: 14px;
  max-width: 560px;
}
.actions {
  display: flex;
  gap: 10px;
}
</style>
