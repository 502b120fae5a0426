<script setup lang="ts">
import { computed, reactive, ref, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { answerOf, api } from '@/api/client'
import type { Invited } from '@/contract/types'
import OpenPage from '@/shared/OpenPage.vue'
import { useDoing } from '@/shared/useDoing'
import UiAlert from '@/ui/UiAlert.vue'
import UiButton from '@/ui/UiButton.vue'
import UiForm from '@/ui/UiForm.vue'
import UiText from '@/ui/UiText.vue'

/** Coming into a team by a mailed link. What follows the `#` never leaves the browser by itself. */
const route = useRoute()
const token = computed(() => route.hash.slice(1))
const router = useRouter()
const invited = ref<Invited | null>(null)
const given = reactive({ name: '', password: '' })
const RULES = {
  name: [{ required: true, whitespace: true, message: 'Your name is missing.', trigger: 'submit' }],
  password: [{ required: true, message: 'The password is missing.', trigger: 'submit' }],
}
const looking = useDoing()
const { busy, problem, attempt } = useDoing()

async function accept(): Promise<void> {
  const isIn = await attempt(() => answerOf(api.POST('/api/invitation', { body: { token: token.value, ...given } })))
  if (isIn) await router.replace({ name: 'login' })
}

function look(): void {
  void looking.attempt(async () => {
    invited.value = await answerOf(api.POST('/api/invitation/look', { body: { token: token.value } }))
  })
}

watch(token, look, { immediate: true })
</script>

<template>
  <OpenPage>
    <template v-if="looking.problem.value">
      <h2>This link opens nothing</h2>
      <p>It was used, withdrawn, or is too old. Ask whoever invited you for a new one.</p>
      <RouterLink class="button" :to="{ name: 'login' }">Log in</RouterLink>
    </template>
    <UiForm v-else-if="invited" label="Come in" :model="given" :rules="RULES" @submit="accept">
      <h2>{{ invited.team }}</h2>
      <p>invites {{ invited.email }} as {{ invited.role }}.</p>
      <UiText v-if="!invited.hasAccount" v-model="given.name" label="Your name" prop="name" autocomplete="name" />
      <UiText
        v-model="given.password"
        :label="invited.hasAccount ? 'The password of your account' : 'A password, 12 letters or more'"
        prop="password"
        type="password"
        :autocomplete="invited.hasAccount ? 'current-password' : 'new-password'"
      />
      <UiAlert v-if="problem" :say="problem" />
      <UiButton kind="main" submit :disabled="busy">Come in</UiButton>
    </UiForm>
  </OpenPage>
</template>
