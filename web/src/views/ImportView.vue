<script setup lang="ts">
import { computed, useTemplateRef, watch } from 'vue'
import { t } from '@/messages/views'
import ImportExample from '@/people/ImportExample.vue'
import ImportLines from '@/people/ImportLines.vue'
import ImportReading from '@/people/ImportReading.vue'
import ImportsLately from '@/people/ImportsLately.vue'
import { useImport } from '@/people/useImport'
import SubjectPage from '@/frame/SubjectPage.vue'
import VerdictBar from '@/frame/VerdictBar.vue'
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
  <SubjectPage :title="t('importView.importAthletes')">
    <template v-if="running">
      <div class="running" role="status">
        <template v-if="isUnderWay">
          <h2>{{ t('importView.addingAthletes', { n: running.total }) }}</h2>
          <UiProgress :label="t('importView.athletesAdded')" :done="running.done" :total="running.total" />
          <p class="quiet-text">{{ t('importView.allOfThemOrNoneYou') }}</p>
        </template>
        <h2 v-else-if="running.state === 'done'">
          {{
            t('importView.inTheListsNow', {
              n: running.total,
            })
          }}
        </h2>
        <UiAlert v-else :say="running.problem ?? t('importView.nothingOfTheListWasStored')" />
        <p v-if="!isUnderWay" class="actions">
          <UiButton kind="main" to="/">{{ t('importView.goToAthletes') }}</UiButton>
          <UiButton @click="again">{{ t('importView.importAnotherList') }}</UiButton>
        </p>
      </div>
    </template>
    <template v-else>
      <UiFile :label="t('importView.chooseAListAsCsvOr')" accept=".csv,.txt,.tsv,text/csv" @chosen="choose">
        <b>{{ file ? file.name : t('importView.chooseAListAsCsvOr') }}</b>
        <p class="quiet-text">
          {{
            preview
              ? t('importView.rowsEncodedAsSeparatedBy', {
                  n: preview.lines.length,
                  letters: preview.letters,
                  between,
                })
              : t('importView.aHeaderRowThenOneRow')
          }}
        </p>
      </UiFile>
      <UiAlert v-if="problem" :say="problem" />
      <template v-if="preview">
        <UiMore :key="file?.content.length" :title="t('importView.howItIsRead')" :open="lacks || counts.new === 0">
          <ImportReading :preview="preview" :said="said" @change="read" />
        </UiMore>
        <VerdictBar>
          <b>{{ counts.new }}</b>
          {{ t('importView.new') }}
          <b>{{ counts.same }}</b>
          {{ t('importView.alreadyHere') }}
          <b>{{ counts.clash }}</b>
          {{ t('importView.similarToAnAthleteHere') }}
          <b>{{ counts.refused }}</b>
          {{ t('importView.notToBeImportedNothingIs') }}
          <template #action>
            <UiButton kind="main" :disabled="busy || adds === 0" @click="begin">
              {{ t('importView.add', { n: adds }) }}
            </UiButton>
          </template>
        </VerdictBar>
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
</style>
