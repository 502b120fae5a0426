<script setup lang="ts">
import { t } from '@/messages/views'
import { required } from '@/ui/rules'
import { computed, reactive, ref, watch } from 'vue'
import { useRoute } from 'vue-router'
import { answerOf, api } from '@/api/client'
import OpenPage from '@/frame/OpenPage.vue'
import { useDoing } from '@/shared/useDoing'
import UiAlert from '@/ui/UiAlert.vue'
import UiButton from '@/ui/UiButton.vue'
import UiForm from '@/ui/UiForm.vue'
import UiText from '@/ui/UiText.vue'

/** A forgotten password: asks for a mailed link, and with one in hand for the new password. */
const route = useRoute()
const token = computed(() => route.hash.slice(1))
const asked = reactive({ email: '' })
const chosen = reactive({ password: '' })
const done = ref(false)
const { busy, problem, attempt } = useDoing()

// A link that is opened while this page stands here begins anew.
watch(token, () => (done.value = false))

async function ask(): Promise<void> {
  done.value = await attempt(() => answerOf(api.POST('/api/password/forgotten', { body: { ...asked } })))
}

async function change(): Promise<void> {
  done.value = await attempt(() =>
    answerOf(api.POST('/api/password/reset', { body: { token: token.value, password: chosen.password } })),
  )
}
</script>

<template>
  <OpenPage>
    <template v-if="done">
      <h2>{{ token ? t('resetView.yourPasswordIsChanged') : t('resetView.checkYourMail') }}</h2>
      <p role="status">
        <template v-if="token">{{ t('resetView.everyDeviceThatWasLoggedIn') }}</template>
        <template v-else>
          {{ t('resetView.ifThereIsAnAccountWith') }}
        </template>
      </p>
      <UiButton kind="main" :to="{ name: 'login' }">{{ t('resetView.logIn') }}</UiButton>
    </template>
    <UiForm
      v-else-if="token"
      :label="t('resetView.chooseANewPassword')"
      :model="chosen"
      :rules="{ password: required(t('resetView.thePasswordIsMissing'), { whitespace: false }) }"
      @submit="change"
    >
      <h2>{{ t('resetView.chooseANewPassword') }}</h2>
      <UiText
        v-model="chosen.password"
        :label="t('resetView.newPassword12CharactersOrMore')"
        prop="password"
        type="password"
        autocomplete="new-password"
      />
      <UiAlert v-if="problem" :say="problem" />
      <UiButton kind="main" submit :disabled="busy">{{ t('resetView.changePassword') }}</UiButton>
    </UiForm>
    <UiForm
      v-else
      :label="t('resetView.forgottenPassword')"
      :model="asked"
      :rules="{ email: required(t('resetView.yourEMailAddressIsMissing')) }"
      @submit="ask"
    >
      <h2>{{ t('resetView.forgottenPassword') }}</h2>
      <UiText v-model="asked.email" :label="t('resetView.email')" prop="email" type="email" autocomplete="username" />
      <UiAlert v-if="problem" :say="problem" />
      <UiButton kind="main" submit :disabled="busy">{{ t('resetView.sendResetLink') }}</UiButton>
      <RouterLink :to="{ name: 'login' }">{{ t('resetView.backToTheLogIn') }}</RouterLink>
    </UiForm>
  </OpenPage>
</template>
