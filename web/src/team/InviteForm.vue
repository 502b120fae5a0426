<script setup lang="ts">
import { t } from '@/messages/team'
import { required } from '@/ui/rules'
import { computed, reactive, ref } from 'vue'
import { answerOf, api } from '@/api/client'
import type { Members, RoleId } from '@/contract/types'
import CopyLine from '@/frame/CopyLine.vue'
import { useDoing } from '@/shared/useDoing'
import { withPassword } from '@/shared/usePassword'
import UiAlert from '@/ui/UiAlert.vue'
import UiButton from '@/ui/UiButton.vue'
import UiChoice from '@/ui/UiChoice.vue'
import UiForm from '@/ui/UiForm.vue'
import UiText from '@/ui/UiText.vue'

const props = defineProps<{ roles: Members['roles'] }>()
const emit = defineEmits<{ invited: [] }>()
const FIRST = 'practitioner'
const given = reactive({ email: '' })
const role = ref<RoleId>(FIRST)
/** What became of the last one: nothing of it stays beside the next. */
const made = ref<{ email: string; address: string | null } | null>(null)
const RULES = { email: required(t('inviteForm.theAddressIsMissing')) }
const may = computed(() => props.roles.find(({ id }) => id === role.value)?.may ?? '')
const { busy, problem, attempt } = useDoing()

async function invite(): Promise<void> {
  made.value = null
  const { email } = given
  const done = await attempt(async () => {
    const { address } = await withPassword(() =>
      answerOf(api.POST('/api/invitations', { body: { email, role: role.value } })),
    )
    made.value = { email, address }
  })
  if (!done) return
  given.email = ''
  role.value = FIRST
  emit('invited')
}

function type(email: string): void {
  given.email = email
  made.value = null
  problem.value = ''
}
</script>

<template>
  <section aria-labelledby="invite">
    <h2 id="invite">{{ t('inviteForm.inviteAPerson') }}</h2>
    <UiForm class="form" :label="t('inviteForm.inviteAPerson')" :model="given" :rules="RULES" @submit="invite">
      <UiText
        :model-value="given.email"
        :label="t('inviteForm.email')"
        prop="email"
        type="email"
        @update:model-value="type"
      />
      <UiChoice :label="t('inviteForm.role')" :value="role" :options="roles" @pick="(picked) => (role = picked)" />
      <p class="may">{{ may }}</p>
      <UiAlert v-if="problem" :say="problem" />
      <UiButton kind="main" submit :disabled="busy">{{ t('inviteForm.invite') }}</UiButton>
    </UiForm>
    <div v-if="made" class="made" role="status">
      <template v-if="made.address">
        <p>{{ t('inviteForm.thisServerSendsNoMailSend', { email: made.email }) }}</p>
        <CopyLine :label="t('inviteForm.invitationLink')" :text="made.address" />
      </template>
      <p v-else>{{ t('inviteForm.anInvitationWasSentTo', { email: made.email }) }}</p>
    </div>
  </section>
</template>

<style scoped>
section,
.form,
.made {
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
