<script setup lang="ts">
import { computed, reactive, ref } from 'vue'
import { answerOf, api } from '@/api/client'
import type { Members, RoleId } from '@/contract/types'
import { useDoing } from '@/shared/useDoing'
import UiAlert from '@/ui/UiAlert.vue'
import UiButton from '@/ui/UiButton.vue'
import UiChoice from '@/ui/UiChoice.vue'
import UiForm from '@/ui/UiForm.vue'
import UiText from '@/ui/UiText.vue'
import { tell } from '@/ui/telling'

const props = defineProps<{ roles: Members['roles'] }>()
const emit = defineEmits<{ invited: [] }>()
const given = reactive({ email: '' })
const role = ref<RoleId>('practitioner')
const RULES = { email: [{ required: true, message: 'The address is missing.', trigger: 'submit' }] }
const may = computed(() => props.roles.find(({ id }) => id === role.value)?.may ?? '')
const { busy, problem, attempt } = useDoing()

async function invite(): Promise<void> {
  const done = await attempt(() =>
    answerOf(api.POST('/api/invitations', { body: { email: given.email, role: role.value } })),
  )
  if (!done) return
  tell(`An invitation for ${given.email} is in the outbox.`)
  given.email = ''
  emit('invited')
}
</script>

<template>
  <section aria-labelledby="invite">
    <h2 id="invite">Invite somebody</h2>
    <UiForm class="form" label="Invite somebody" :model="given" :rules="RULES" @submit="invite">
      <UiText v-model="given.email" label="E-mail" prop="email" type="email" />
      <UiChoice label="Role" :value="role" :options="roles" @pick="(picked) => (role = picked)" />
      <p class="may">{{ may }}</p>
      <UiAlert v-if="problem" :say="problem" />
      <UiButton kind="main" submit :disabled="busy">Invite</UiButton>
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
.may {
  min-height: 2.8em;
  color: var(--text-2);
}
</style>
