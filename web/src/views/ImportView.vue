<script setup lang="ts">
import { computed, useTemplateRef, watch } from 'vue'
import ImportExample from '@/people/ImportExample.vue'
import ImportLines from '@/people/ImportLines.vue'
import ImportReading from '@/people/ImportReading.vue'
import ImportsLately from '@/people/ImportsLately.vue'
import { useImport } from '@/people/useImport'
import SubjectPage from '@/frame/SubjectPage.vue'
import UiAlert from '@/ui/UiAlert.vue'
import UiButton from '@/ui/UiButton.vue'
import UiFile from '@/ui/UiFile.vue'
import UiMore from '@/ui/UiMore.vue'
import UiProgress from '@/ui/UiProgress.vue'

/** A list of athletes from a spreadsheet: how it is read, what becomes of each line, and only then is it stored. */
const { file, preview, running, said, taken, counts, adds, busy, problem, read, choose, begin, again } = useImport()
const lately = useTemplateRef<{ load: () => Promise<void> }>('lately')

const lacks = computed(() => {
  const { columns } = preview.value!
  const hasName = columns.name !== undefined || columns.familyName !== undefined || columns.givenName !== undefined
  return !hasName || columns.born === undefined
})
const between = computed(() => (preview.value?.between === '\t' ? 'tabs' : `“${preview.value?.between}”`))
const isUnderWay = computed(() => running.value?.state === 'waiting' || running.value?.state === 'running')
function take(row: number, on: boolean): void {
  if (on) taken.add(row)
  else taken.delete(row)
}

watch(isUnderWay, (still) => still || void lately.value?.load())
</script>

<template>
  <SubjectPage title="A list of athletes">
    <template v-if="running">
      <div class="running" role="status">
        <template v-if="isUnderWay">
          <h2>Adding {{ running.total }} athletes</h2>
          <UiProgress label="Athletes added" :done="running.done" :total="running.total" />
          <p class="quiet-text">All of them or none. You can leave this page; it goes on.</p>
        </template>
        <h2 v-else-if="running.state === 'done'">
          {{ running.total }} {{ running.total === 1 ? 'athlete is' : 'athletes are' }} in the lists now.
        </h2>
        <UiAlert v-else :say="running.problem ?? 'Nothing of the list was stored.'" />
        <p v-if="!isUnderWay" class="actions">
          <UiButton kind="main" to="/">To the athletes</UiButton>
          <UiButton @click="again">Another list</UiButton>
        </p>
      </div>
    </template>
    <template v-else>
      <UiFile label="Choose a list as CSV, or drop it here" accept=".csv,.txt,.tsv,text/csv" @chosen="choose">
        <b>{{ file ? file.name : 'Choose a list as CSV, or drop it here' }}</b>
        <p class="quiet-text">
          {{
            preview
              ? `${preview.lines.length} lines, letters in ${preview.letters}, ${between} between cells`
              : 'A line of heads, then a line for each athlete: name, birth date, squad, and what else is known.'
          }}
        </p>
      </UiFile>
      <UiAlert v-if="problem" :say="problem" />
      <template v-if="preview">
        <UiMore :key="file?.content.length" title="How it is read" :open="lacks || counts.new === 0">
          <ImportReading :preview="preview" :said="said" @change="read" />
        </UiMore>
        <div class="verdict">
          <p>
            <b>{{ counts.new }}</b>
            new,
            <b>{{ counts.same }}</b>
            here already,
            <b>{{ counts.clash }}</b>
            similar to an athlete here,
            <b>{{ counts.refused }}</b>
            not to be imported. Nothing is stored yet.
          </p>
          <UiButton kind="main" :disabled="busy || adds === 0" @click="begin">
            Add {{ adds }} {{ adds === 1 ? 'athlete' : 'athletes' }}
          </UiButton>
        </div>
        <ImportLines :lines="preview.lines" :taken="taken" @take="take" />
      </template>
      <ImportExample v-else />
    </template>
    <ImportsLately ref="lately" />
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
.verdict {
  position: sticky;
  top: 0;
  z-index: 1;
  display: flex;
  justify-content: space-between;
  align-items: center;
  gap: 16px;
  padding: 10px 0;
  background: var(--paper);
  border-bottom: 1px solid var(--ink);
}
</style>
