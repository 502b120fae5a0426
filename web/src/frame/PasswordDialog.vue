<script setup lang="ts">
import { t } from '@/messages/frame'
import { required } from '@/ui/rules'
import { reactive, ref } from 'vue'
import { answerOf, api } from '@/api/client'
import UiAlert from '@/ui/UiAlert.vue'
import UiButton from '@/ui/UiButton.vue'
import UiDialog from '@/ui/UiDialog.vue'
import UiForm from '@/ui/UiForm.vue'
import UiText from '@/ui/UiText.vue'
import { passwordGiven, passwordRefused } from '@/shared/usePassword'

/** Another person may stand at this device by now: the password is asked for before what cannot be undone. */
const given = reactive({ password: '' })
const RULES = { password: required(t('passwordDialog.thePasswordIsMissing'), { whitespace: false }) }
const problem = ref('')
const busy = ref(false)

async function confirm(): Promise<void> {
  busy.value = true
  problem.value = ''
  try {
    await answerOf(api.POST('/api/password/confirm', { body: { password: given.password } }))
    passwordGiven()
  } catch (error) {
    problem.value = error instanceof Error ? error.message : t('passwordDialog.itCouldNotBeCheckedNothing')
  } finally {
    busy.value = false
  }
}
</script>

<template>
  <UiDialog :title="t('passwordDialog.yourPassword')" @close="passwordRefused">
    <UiForm
      class="form"
      :label="t('passwordDialog.confirmYourPassword')"
      :model="given"
      :rules="RULES"
      @submit="confirm"
    >
      <UiText
        v-model="given.password"
        :label="t('passwordDialog.password')"
        prop="password"
        type="password"
        autocomplete="current-password"
      />
      <UiAlert v-if="problem" :say="problem" />
      <UiButton kind="main" submit :disabled="busy">{{ t('passwordDialog.confirmPassword') }}</UiButton>
    </UiForm>
  </UiDialog>
</template>

<style scoped>
.form {
  display: grid;
  gap: 16px;
  justify-items: start;
}
.form > :first-child {
  width: 100%;
}
</style>
