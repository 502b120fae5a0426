<script setup lang="ts">
import { required } from '@/ui/rules'
import { reactive } from 'vue'
import { answerOf, api } from '@/api/client'
import { useDoing } from '@/shared/useDoing'
import { useExport } from './useExport'
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
const RULES = { reason: required('Say why.') }
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
  <UiDialog :title="`Erase everything on ${athlete.name}`" @close="emit('close')">
    <p>
      <b>This cannot be undone.</b>
      All examinations, results, notes and tasks of this athlete are deleted, with the only key to older copies. The log
      keeps that an athlete was erased, when, by whom and why, but not the name.
    </p>
    <p>
      <UiButton :disabled="isMaking" @click="take(athlete.id)">
        {{ isMaking ? 'Making the export…' : 'Export everything first' }}
      </UiButton>
    </p>
    <UiAlert v-if="exportProblem" :say="exportProblem" />
    <UiForm class="form" label="Erase" :model="given" :rules="RULES" @submit="erase">
      <UiText
        v-model="given.reason"
        label="Reason: who asked for it, or that the retention period is over"
        prop="reason"
      />
      <UiAlert v-if="problem" :say="problem" />
      <template #actions>
        <UiButton @click="emit('close')">Cancel</UiButton>
        <UiButton kind="main" submit :disabled="busy">Erase athlete</UiButton>
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
