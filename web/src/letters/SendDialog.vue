<script setup lang="ts">
import { ref } from 'vue'
import type { Letter } from '@/contract/types'
import { t } from '@/messages/letters'
import { useSession } from '@/stores/session'
import UiAlert from '@/ui/UiAlert.vue'
import UiButton from '@/ui/UiButton.vue'
import UiChoice from '@/ui/UiChoice.vue'
import UiDialog from '@/ui/UiDialog.vue'
import UiTick from '@/ui/UiTick.vue'

/** How a letter leaves, and which referrals are on their way with it. */
const props = defineProps<{ letter: Letter; email: string; busy: boolean; problem: string }>()
const emit = defineEmits<{ close: []; send: [by: 'mail' | 'hand', carries: string[]] }>()

const WAYS = [
  { id: 'mail' as const, label: t('sendDialog.byEMail') },
  { id: 'hand' as const, label: t('sendDialog.byHandOrPost') },
]
const session = useSession()
/** Without a mail server a letter is handed over, and nothing else is offered. */
const mails = session.server.mailLeaves
const by = ref<'mail' | 'hand'>(props.email === '' || !mails ? 'hand' : 'mail')
const carried = ref(props.letter.referrals.map(({ id, title }) => ({ id, title, on: true })))

function send(): void {
  const carries = carried.value.filter(({ on }) => on).map(({ id }) => id)
  emit('send', by.value, carries)
}
</script>

<template>
  <UiDialog :title="t('sendDialog.sendLetter')" @close="emit('close')">
    <div class="body">
      <UiChoice
        v-if="mails"
        :label="t('sendDialog.delivery')"
        :value="by"
        :options="WAYS"
        @pick="(picked) => (by = picked)"
      />
      <template v-if="!mails">
        <p>{{ t('sendDialog.thisServerSendsNoMailSave') }}</p>
        <p class="files">
          <UiButton :href="`/api/letters/${letter.id}/pdf`" target="_blank">
            {{ t('sendDialog.openPdfToPrint') }}
          </UiButton>
          <UiButton :href="`/api/letters/${letter.id}/text`" download>{{ t('sendDialog.saveAsText') }}</UiButton>
        </p>
      </template>
      <p v-else-if="by === 'mail' && email === ''" role="status">{{ t('sendDialog.thereIsNoEMailAddress') }}</p>
      <p v-else-if="by === 'mail'">
        {{ t('sendDialog.toWithTheLetterAsA', { email }) }}
      </p>
      <p v-else>{{ t('sendDialog.printTheLetterAndHandIt') }}</p>
      <fieldset v-if="carried.length > 0">
        <legend>{{ t('sendDialog.referralsSentWithThisLetterTheir') }}</legend>
        <UiTick v-for="one in carried" :key="one.id" v-model="one.on">{{ one.title }}</UiTick>
      </fieldset>
      <p>{{ t('sendDialog.aSentLetterCannotBeChanged') }}</p>
      <UiAlert v-if="problem" :say="problem" />
    </div>
    <template #actions>
      <UiButton @click="emit('close')">{{ t('sendDialog.cancel') }}</UiButton>
      <UiButton kind="main" :disabled="busy || (by === 'mail' && email === '')" @click="send">
        {{ by === 'mail' ? t('sendDialog.sendLetter') : t('sendDialog.recordAsHandedOver') }}
      </UiButton>
    </template>
  </UiDialog>
</template>

<style scoped>
.body {
  display: grid;
  gap: 14px;
}
fieldset {
  display: grid;
  padding: 0;
  border: 0;
}
legend {
  padding: 0;
  color: var(--text-2);
}
.files {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
}
</style>
