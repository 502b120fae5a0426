<script setup lang="ts">
import { computed, reactive, ref } from 'vue'
import type { Side } from '@/contract/types'
import { t } from '@/messages/bench'
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
  { id: 'left', label: t('kneeDialog.leftKneeHurt') },
  { id: 'right', label: t('kneeDialog.rightKneeHurt') },
]
const examination = useExamination()
const opened = useOpenExamination()
const side = ref(opened.hurtSide)
const days = opened.section('frame').daysSinceInjury
const given = reactive({ days: typeof days === 'number' ? String(days) : '', without: typeof days !== 'number' })
const RULES = {
  days: [{ pattern: /^\d{1,5}$/, required: true, message: t('kneeDialog.enterTheDaysAsAWhole'), trigger: 'submit' }],
}
const { busy, problem, attempt } = useDoing()
const isSaved = computed(() => examination.saveState === 'saved')

async function change(): Promise<void> {
  const done = await attempt(() => examination.changeKnee(side.value, given.without ? null : Number(given.days)))
  if (!done) return
  emit('close')
  tell(t('kneeDialog.changedFindingsStayWithTheKnee'))
}
</script>

<template>
  <UiDialog :title="t('kneeDialog.whichKneeAndSinceWhen')" @close="emit('close')">
    <UiForm
      class="form"
      :label="t('kneeDialog.kneeAndDay')"
      :model="given"
      :rules="given.without ? {} : RULES"
      @submit="change"
    >
      <UiChoice :label="t('kneeDialog.hurtKnee')" :value="side" :options="SIDES" @pick="(picked) => (side = picked)" />
      <UiText
        v-if="!given.without"
        v-model="given.days"
        :label="t('kneeDialog.daysSinceTheInjuryWhenExamined')"
        prop="days"
      />
      <UiTick v-model="given.without">{{ t('kneeDialog.itCameOnWithoutAnInjury') }}</UiTick>
      <p>{{ t('kneeDialog.findingsStayWithTheKneeThey') }}</p>
      <p v-if="!isSaved" role="status">
        {{ t('kneeDialog.anEntryIsStillBeingSaved') }}
      </p>
      <UiAlert v-if="problem" :say="problem" />
      <template #actions>
        <UiButton @click="emit('close')">{{ t('kneeDialog.cancel') }}</UiButton>
        <UiButton kind="main" submit :disabled="busy || !isSaved">{{ t('kneeDialog.correctSideOrDay') }}</UiButton>
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
