<script setup lang="ts">
import { t } from '@/messages/people'
import { required } from '@/ui/rules'
import { reactive } from 'vue'
import { answerOf, api } from '@/api/client'
import { useDoing } from '@/shared/useDoing'
import { useExport } from '@/exchange/useExport'
import { withPassword } from '@/shared/usePassword'
import UiAlert from '@/ui/UiAlert.vue'
import UiButton from '@/ui/UiButton.vue'
import UiDialog from '@/ui/UiDialog.vue'
import UiForm from '@/ui/UiForm.vue'
import UiText from '@/ui/UiText.vue'

/** The one thing that cannot be taken back: it says so, and asks why. */
const props = defineProps<{ athlete: { id: string; name: string } }>()
const emit = defineEmits<{ close: []; erased: [] }>()
const given = reactive({ reason: '' })
const RULES = { reason: required(t('eraseDialog.enterTheReason')) }
const { busy, problem, attempt } = useDoing()
const { take, isMaking, problem: exportProblem } = useExport()

async function erase(): Promise<void> {
  const path = { anyone: props.athlete.id }
  const done = await attempt(() =>
    withPassword(() => answerOf(api.DELETE('/api/athletes/{anyone}/record', { params: { path }, body: given }))),
  )
  if (done) emit('erased')
}
</script>

<template>
  <UiDialog :title="t('eraseDialog.eraseEverythingOn', { name: athlete.name })" @close="emit('close')">
    <p>
      <b>{{ t('eraseDialog.thisCannotBeUndone') }}</b>
      {{ t('eraseDialog.allExaminationsResultsNotesAndTasks') }}
    </p>
    <p>
      <UiButton :disabled="isMaking" @click="take(athlete.id)">
        {{ isMaking ? t('eraseDialog.exporting') : t('eraseDialog.exportEverythingFirst') }}
      </UiButton>
    </p>
    <UiAlert v-if="exportProblem" :say="exportProblem" />
    <UiForm class="form" :label="t('eraseDialog.erase')" :model="given" :rules="RULES" @submit="erase">
      <UiText v-model="given.reason" :label="t('eraseDialog.reasonWhoAskedForItOr')" prop="reason" />
      <UiAlert v-if="problem" :say="problem" />
      <template #actions>
        <UiButton @click="emit('close')">{{ t('eraseDialog.cancel') }}</UiButton>
        <UiButton kind="main" submit :disabled="busy">{{ t('eraseDialog.eraseAthlete') }}</UiButton>
      </template>
    </UiForm>
  </UiDialog>
</template>

<style scoped>
p + p,
.form {
  margin-top: 12px;
}
.form {
  display: grid;
  gap: 12px;
}
</style>
