<script setup lang="ts">
import { computed, reactive, ref } from 'vue'
import type { Side } from '@/contract/types'
import { useDoing } from '@/shared/useDoing'
import { useExamination } from '@/stores/examination'
import { useOpenExamination } from '@/stores/openExamination'
import UiAlert from '@/ui/UiAlert.vue'
import UiButton from '@/ui/UiButton.vue'
import UiChoice from '@/ui/UiChoice.vue'
import UiDialog from '@/ui/UiDialog.vue'
import UiForm from '@/ui/UiForm.vue'
import UiText from '@/ui/UiText.vue'
import UiTick from '@/ui/UiTick.vue'
import { tell } from '@/ui/telling'

/** Which knee is hurt, and since when, where that was said wrongly at the start. */
const emit = defineEmits<{ close: [] }>()
const SIDES: { id: Side; label: string }[] = [
  { id: 'left', label: 'Left knee hurt' },
  { id: 'right', label: 'Right knee hurt' },
]
const examination = useExamination()
const opened = useOpenExamination()
const side = ref(opened.hurtSide)
const days = opened.section('frame').daysSinceInjury
const given = reactive({ days: typeof days === 'number' ? String(days) : '', without: typeof days !== 'number' })
const RULES = {
  days: [{ pattern: /^\d{1,5}$/, required: true, message: 'Say the days as a whole number.', trigger: 'submit' }],
}
const { busy, problem, attempt } = useDoing()
const isSaved = computed(() => examination.saveState === 'saved')

async function change(): Promise<void> {
  const done = await attempt(() => examination.changeKnee(side.value, given.without ? null : Number(given.days)))
  if (!done) return
  emit('close')
  tell('Changed. What was found stays on the knee that it was found on.')
}
</script>

<template>
  <UiDialog title="Which knee, and since when" @close="emit('close')">
    <UiForm class="form" label="Knee and day" :model="given" :rules="given.without ? {} : RULES" @submit="change">
      <UiChoice label="Hurt knee" :value="side" :options="SIDES" @pick="(picked) => (side = picked)" />
      <UiText v-if="!given.without" v-model="given.days" label="Days since the injury, when examined" prop="days" />
      <UiTick v-model="given.without">It came on without an injury</UiTick>
      <p>What was found on each knee stays on that knee; what follows from it is judged anew.</p>
      <p v-if="!isSaved" role="status">
        Something is still on its way to the server. It can be changed once that is saved.
      </p>
      <UiAlert v-if="problem" :say="problem" />
      <template #actions>
        <UiButton @click="emit('close')">Cancel</UiButton>
        <UiButton kind="main" submit :disabled="busy || !isSaved">Correct side or day</UiButton>
      </template>
    </UiForm>
  </UiDialog>
</template>

<style scoped>
.form {
  display: grid;
  gap: 12px;
}
</style>
