<script setup lang="ts">
import { t } from '@/messages/views'
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
  name: required(t('invitationView.yourNameIsMissing')),
  password: required(t('invitationView.thePasswordIsMissing'), { whitespace: false }),
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
      <h2>{{ t('invitationView.thisInvitationIsNoLongerValid') }}</h2>
      <p>{{ t('invitationView.itWasUsedWithdrawnOrIs') }}</p>
      <UiButton :to="{ name: 'login' }">{{ t('invitationView.logIn') }}</UiButton>
    </template>
    <div v-else-if="invited?.account === 'in_team'" class="known">
      <h2>{{ invited.team }}</h2>
      <p>{{ t('invitationView.invitesAsThereIsAnAccount', { email: invited.email, role: invited.role }) }}</p>
      <UiAlert v-if="problem" :say="problem" />
      <UiButton
        v-if="!session.user"
        kind="main"
        :to="{ name: 'login', query: { to: '/invitation' }, hash: route.hash }"
      >
        {{ t('invitationView.logInToJoin') }}
      </UiButton>
      <UiButton v-else kind="main" :disabled="busy" @click="accept">{{ t('invitationView.joinTheTeam') }}</UiButton>
    </div>
    <UiForm v-else-if="invited" :label="t('invitationView.joinTheTeam')" :model="given" :rules="RULES" @submit="accept">
      <h2>{{ invited.team }}</h2>
      <p>{{ t('invitationView.invitesAs', { email: invited.email, role: invited.role }) }}</p>
      <UiText v-if="isNew" v-model="given.name" :label="t('invitationView.yourName')" prop="name" autocomplete="name" />
      <UiText
        v-model="given.password"
        :label="isNew ? t('invitationView.password12CharactersOrMore') : t('invitationView.passwordOfYourAccount')"
        prop="password"
        type="password"
        :autocomplete="isNew ? 'new-password' : 'current-password'"
      />
      <UiText
        v-if="asksCode"
        v-model="given.code"
        :label="t('invitationView.codeFromYourAppOrA')"
        prop="code"
        autocomplete="one-time-code"
      />
      <UiAlert v-if="problem" :say="problem" />
      <UiButton kind="main" submit :disabled="busy">{{ t('invitationView.joinTheTeam') }}</UiButton>
    </UiForm>
  </OpenPage>
</template>

<style scoped>
.known {
  display: grid;
  gap: 14px;
}
</style>
