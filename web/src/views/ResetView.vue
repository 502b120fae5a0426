<script setup lang="ts">
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
      <h2>{{ token ? 'Your password is changed' : 'Look into your mail' }}</h2>
      <p role="status">
        <template v-if="token">Every device that was logged in with the old password is logged out.</template>
        <template v-else>
          If there is an account with this address, a link to a new password is on its way. It works once, within an
          hour.
        </template>
      </p>
      <UiButton kind="main" :to="{ name: 'login' }">Log in</UiButton>
    </template>
    <UiForm
      v-else-if="token"
      label="Choose a new password"
      :model="chosen"
      :rules="{ password: required('The password is missing.', { whitespace: false }) }"
      @submit="change"
    >
      <h2>Choose a new password</h2>
      <UiText
        v-model="chosen.password"
        label="New password, 12 letters or more"
        prop="password"
        type="password"
        autocomplete="new-password"
      />
      <UiAlert v-if="problem" :say="problem" />
      <UiButton kind="main" submit :disabled="busy">Change password</UiButton>
    </UiForm>
    <UiForm
      v-else
      label="Forgotten password"
      :model="asked"
      :rules="{ email: required('Your e-mail address is missing.') }"
      @submit="ask"
    >
      <h2>Forgotten password</h2>
      <UiText v-model="asked.email" label="E-mail" prop="email" type="email" autocomplete="username" />
      <UiAlert v-if="problem" :say="problem" />
      <UiButton kind="main" submit :disabled="busy">Mail me a link</UiButton>
      <RouterLink :to="{ name: 'login' }">Back to the log-in</RouterLink>
    </UiForm>
  </OpenPage>
</template>
