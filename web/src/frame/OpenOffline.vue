<script setup lang="ts">
import { reactive, ref } from 'vue'
import { t } from '@/messages/frame'
import { useSession } from '@/stores/session'
import { isWrapped, triesLeft } from '@/sync'
import { required } from '@/ui/rules'
import UiAlert from '@/ui/UiAlert.vue'
import UiButton from '@/ui/UiButton.vue'
import UiForm from '@/ui/UiForm.vue'
import UiText from '@/ui/UiText.vue'

/** Opens what this device keeps by the password, while the server is away. */
const session = useSession()
const given = reactive({ email: '', password: '' })
const RULES = {
  email: required(t('openOffline.emailIsMissing')),
  password: required(t('openOffline.passwordIsMissing'), { whitespace: false }),
}
const busy = ref(false)
const wrong = ref('')

async function open(): Promise<void> {
  busy.value = true
  const isOpen = await session.openOffline(given.email, given.password)
  given.password = ''
  busy.value = false
  if (!isOpen)
    wrong.value = (await isWrapped()) ? t('openOffline.wrong', { n: await triesLeft() }) : t('openOffline.erased')
}
</script>

<template>
  <UiForm :label="t('openOffline.openOffline')" :model="given" :rules="RULES" @submit="open">
    <UiText v-model="given.email" :label="t('openOffline.email')" prop="email" type="email" autocomplete="username" />
    <UiText
      v-model="given.password"
      :label="t('openOffline.password')"
      prop="password"
      type="password"
      autocomplete="current-password"
    />
    <UiAlert v-if="wrong" :say="wrong" />
    <UiButton kind="main" submit :disabled="busy">{{ t('openOffline.openOffline') }}</UiButton>
  </UiForm>
</template>

<style scoped>
form {
  display: grid;
  gap: 14px;
  width: min(100%, 360px);
}
</style>
