<script setup lang="ts">
import { reactive } from 'vue'
import type { Proposal } from '@/contract/types'
import { t } from '@/messages/people'
import UiAlert from '@/ui/UiAlert.vue'
import UiButton from '@/ui/UiButton.vue'
import UiDialog from '@/ui/UiDialog.vue'
import UiForm from '@/ui/UiForm.vue'
import UiText from '@/ui/UiText.vue'
import { required } from '@/ui/rules'

/** Why a proposal is declined, for the student who made it. */
defineProps<{ proposal: Proposal; busy: boolean; problem: string }>()
const emit = defineEmits<{ decline: [why: string]; close: [] }>()

const given = reactive({ why: '' })
const RULES = { why: required(t('declineDialog.enterTheReasonForDecliningIt')) }
</script>

<template>
  <UiDialog :title="t('declineDialog.declineProposal')" @close="emit('close')">
    <p>{{ proposal.title }}</p>
    <UiForm
      class="form"
      :label="t('declineDialog.declineProposal')"
      :model="given"
      :rules="RULES"
      @submit="emit('decline', given.why)"
    >
      <UiText v-model="given.why" :label="t('declineDialog.whyFor', { by: proposal.by })" prop="why" type="textarea" />
      <p>
        <UiButton kind="main" submit :disabled="busy">{{ t('declineDialog.declineProposal') }}</UiButton>
      </p>
    </UiForm>
    <UiAlert v-if="problem" :say="problem" />
  </UiDialog>
</template>

<style scoped>
.form {
  display: grid;
  gap: 12px;
  margin-top: 14px;
}
</style>
