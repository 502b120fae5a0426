<script setup lang="ts">
import { required } from '@/ui/rules'
import { computed, reactive, ref, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { ApiError, answerOf, api } from '@/api/client'
import type { Invited } from '@/contract/types'
import OpenPage from '@/frame/OpenPage.vue'
import { useDoing } from '@/shared/useDoing'
import { useSession } from '@/stores/session'
import UiAlert from '@/ui/UiAlert.vue'
import UiButton from '@/ui/UiButton.vue'
import UiForm from '@/ui/UiForm.vue'
import UiText from '@/ui/UiText.vue'

/** Coming into a team by a mailed link. What follows the `#` never leaves the browser by itself. */
const route = useRoute()
const session = useSession()
const token = computed(() => route.hash.slice(1))
const router = useRouter()
const invited = ref<Invited | null>(null)
const given = reactive({ name: '', password: '', code: '' })
/** The password was right, and the account has a second factor. */
const asksCode = ref(false)
const isNew = computed(() => invited.value?.account === 'none')
const RULES = {
  name: required('Your name is missing.'),
  password: required('The password is missing.', { whitespace: false }),
}
const looking = useDoing()
const { busy, problem, attempt } = useDoing()

async function accept(): Promise<void> {
  const isIn = await attempt(async () => {
    try {
      await answerOf(api.POST('/api/invitation', { body: { token: token.value, ...given } }))
    } catch (error) {
      asksCode.value ||= error instanceof ApiError && error.fault.path === 'code'
      throw error
    }
  })
  if (!isIn) return
  if (session.user) await session.look()
  await router.replace({ name: session.user ? 'today' : 'login' })
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
      <p>It was used, withdrawn, or is too old. Ask the person who invited you for a new one.</p>
      <UiButton :to="{ name: 'login' }">Log in</UiButton>
    </template>
    <div v-else-if="invited?.account === 'in_team'" class="known">
      <h2>{{ invited.team }}</h2>
      <p>invites {{ invited.email }} as {{ invited.role }}. There is an account with this address.</p>
      <UiAlert v-if="problem" :say="problem" />
      <UiButton
        v-if="!session.user"
        kind="main"
        :to="{ name: 'login', query: { to: '/invitation' }, hash: route.hash }"
      >
        Log in to join
      </UiButton>
      <UiButton v-else kind="main" :disabled="busy" @click="accept">Join the team</UiButton>
    </div>
    <UiForm v-else-if="invited" label="Join the team" :model="given" :rules="RULES" @submit="accept">
      <h2>{{ invited.team }}</h2>
      <p>invites {{ invited.email }} as {{ invited.role }}.</p>
      <UiText v-if="isNew" v-model="given.name" label="Your name" prop="name" autocomplete="name" />
      <UiText
        v-model="given.password"
        :label="isNew ? 'A password, 12 letters or more' : 'Password of your account'"
        prop="password"
        type="password"
        :autocomplete="isNew ? 'new-password' : 'current-password'"
      />
      <UiText
        v-if="asksCode"
        v-model="given.code"
        label="Code of your app, or a recovery code"
        prop="code"
        autocomplete="one-time-code"
      />
      <UiAlert v-if="problem" :say="problem" />
      <UiButton kind="main" submit :disabled="busy">Join the team</UiButton>
    </UiForm>
  </OpenPage>
</template>

<style scoped>
.known {
  display: grid;
  gap: 14px;
}
</style>
