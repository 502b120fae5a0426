<script setup lang="ts">
import { reactive } from 'vue'
import { answerOf, api } from '@/api/client'
import { useDoing } from '@/shared/useDoing'
import { withPassword } from '@/shared/usePassword'
import { useSession } from '@/stores/session'
import UiAlert from '@/ui/UiAlert.vue'
import UiButton from '@/ui/UiButton.vue'
import UiForm from '@/ui/UiForm.vue'
import UiText from '@/ui/UiText.vue'
import UiTick from '@/ui/UiTick.vue'
import { tell } from '@/ui/telling'

const session = useSession()
const given = reactive({
  name: session.user?.team ?? '',
  asksSecondFactor: session.user?.asksSecondFactor ?? false,
})
const RULES = { name: [{ required: true, whitespace: true, message: 'The name is missing.', trigger: 'submit' }] }
const { busy, problem, attempt } = useDoing()

async function save(): Promise<void> {
  const done = await attempt(() => withPassword(() => answerOf(api.PUT('/api/team', { body: { ...given } }))))
  if (!done) return
  await session.look()
  tell('The settings of the team are saved.')
}
</script>

<template>
  <section aria-labelledby="settings">
    <h2 id="settings">Settings</h2>
    <UiForm class="form" label="Settings of the team" :model="given" :rules="RULES" @submit="save">
      <UiText v-model="given.name" label="Name of the team" prop="name" />
      <UiTick v-model="given.asksSecondFactor">Everybody needs a second factor</UiTick>
      <p v-if="given.asksSecondFactor && !session.user?.secondFactor" class="note">
        You have none yet: after saving, set it up on your account to go on.
      </p>
      <UiAlert v-if="problem" :say="problem" />
      <UiButton submit :disabled="busy">Save the settings</UiButton>
    </UiForm>
  </section>
</template>

<style scoped>
section,
.form {
  display: grid;
  gap: 12px;
}
.form > :deep(.button) {
  justify-self: start;
}
.note {
  color: var(--text-2);
}
</style>
