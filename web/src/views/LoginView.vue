<script setup lang="ts">
import { t } from '@/messages/views'
import { required } from '@/ui/rules'
import { nextTick, reactive, ref, useTemplateRef } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { ApiError } from '@/api/client'
import OpenPage from '@/frame/OpenPage.vue'
import { useDoing } from '@/shared/useDoing'
import { useSession } from '@/stores/session'
import UiAlert from '@/ui/UiAlert.vue'
import UiButton from '@/ui/UiButton.vue'
import UiForm from '@/ui/UiForm.vue'
import UiText from '@/ui/UiText.vue'
import UiTick from '@/ui/UiTick.vue'

const session = useSession()
const route = useRoute()
const router = useRouter()
const given = reactive({ email: '', password: '', code: '', shared: false })
const RULES = {
  email: required(t('loginView.yourEMailAddressIsMissing')),
  password: required(t('loginView.thePasswordIsMissing'), { whitespace: false }),
  code: required(t('loginView.theCodeIsMissing')),
}
/** The password was right, and the account has a second factor. */
const asksCode = ref(false)
const { busy, problem, attempt } = useDoing(t('loginView.somethingWentWrongNothingWasChanged'))
const codeField = useTemplateRef<{ focus: () => void }>('code')

async function logIn(): Promise<void> {
  await attempt(async () => {
    try {
      await session.logIn({ ...given, code: asksCode.value ? given.code : null })
    } catch (error) {
      if (!(error instanceof ApiError) || error.status !== 403) throw error
      asksCode.value = true
      await nextTick()
      codeField.value?.focus()
      return
    }
    // What follows the # never went to the server, and goes along.
    await router.replace(typeof route.query.to === 'string' ? route.query.to + route.hash : '/')
  })
}
</script>

<template>
  <OpenPage>
    <UiForm :label="t('loginView.logIn')" :model="given" :rules="RULES" @submit="logIn">
      <h2>{{ t('loginView.logIn') }}</h2>
      <UiText v-model="given.email" :label="t('loginView.email')" prop="email" type="email" autocomplete="username" />
      <UiText
        v-model="given.password"
        :label="t('loginView.password')"
        prop="password"
        type="password"
        autocomplete="current-password"
      />
      <UiText
        v-if="asksCode"
        ref="code"
        v-model="given.code"
        :label="t('loginView.codeFromYourAppOrA')"
        prop="code"
        autocomplete="one-time-code"
      />
      <UiTick v-model="given.shared">{{ t('loginView.sharedDeviceLogOutAfterHalf') }}</UiTick>
      <UiAlert v-if="problem" :say="problem" />
      <UiButton kind="main" submit :disabled="busy">{{ t('loginView.logIn') }}</UiButton>
      <RouterLink :to="{ name: 'reset' }">{{ t('loginView.forgottenPassword') }}</RouterLink>
    </UiForm>
  </OpenPage>
</template>
