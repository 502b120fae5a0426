<script setup lang="ts">
import { t } from '@/messages/summary'
import { required } from '@/ui/rules'
import { computed, reactive, ref } from 'vue'
import { withPassword } from '@/shared/usePassword'
import { useExamination } from '@/stores/examination'
import { useOpenExamination } from '@/stores/openExamination'
import { useVerdict } from '@/stores/verdict'
import UiAlert from '@/ui/UiAlert.vue'
import UiButton from '@/ui/UiButton.vue'
import UiDialog from '@/ui/UiDialog.vue'
import UiForm from '@/ui/UiForm.vue'
import UiText from '@/ui/UiText.vue'

const emit = defineEmits<{ close: [] }>()
const examination = useExamination()
const opened = useOpenExamination()
const verdict = useVerdict()
const given = reactive({ ungated: '' })
const RULES = {
  ungated: required(t('signDialog.enterWhyTheSafetyCheckIs')),
}
const busy = ref(false)
const problem = ref('')
/** A baseline is only worth what can be compared with it later. */
const missing = computed(() => (opened.head?.isBaseline ? (verdict.assessment?.plan.unanswered ?? []) : []))
const isShut = computed(() => verdict.assessment?.safety.gateOpen !== true)
const isSaved = computed(() => examination.saveState === 'saved')

async function sign(): Promise<void> {
  busy.value = true
  problem.value = ''
  try {
    await withPassword(() => examination.sign(isShut.value ? given.ungated : null))
    emit('close')
  } catch (error) {
    problem.value = error instanceof Error ? error.message : t('signDialog.itCouldNotBeSignedNothing')
    busy.value = false
  }
}
</script>

<template>
  <UiDialog :title="t('signDialog.signExamination')" @close="emit('close')">
    <UiForm class="form" :label="t('signDialog.sign')" :model="given" :rules="RULES" @submit="sign">
      <p>
        {{ t('signDialog.signingClosesItForGoodThe') }}
      </p>
      <template v-if="missing.length > 0">
        <h3>{{ t('signDialog.missingFromThisBaseline') }}</h3>
        <ul>
          <li v-for="gap in missing" :key="gap">{{ gap }}</li>
        </ul>
      </template>
      <UiText
        v-if="isShut"
        v-model="given.ungated"
        :label="t('signDialog.theSafetyCheckIsNotComplete')"
        prop="ungated"
      />
      <p v-if="!isSaved" role="status">
        {{ t('signDialog.anEntryIsStillBeingSaved') }}
      </p>
      <UiAlert v-if="problem" :say="problem" />
      <template #actions>
        <UiButton @click="emit('close')">{{ t('signDialog.cancel') }}</UiButton>
        <UiButton kind="main" submit :disabled="busy || !isSaved">{{ t('signDialog.signExamination') }}</UiButton>
      </template>
    </UiForm>
  </UiDialog>
</template>

<style scoped>
.form {
  display: grid;
  gap: 12px;
}
li {
  padding: 4px 0 4px 12px;
  border-left: 3px solid var(--line-2);
}
</style>
