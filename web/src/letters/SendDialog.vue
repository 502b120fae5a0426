<script setup lang="ts">
import { ref } from 'vue'
import type { Letter } from '@/contract/types'
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
  { id: 'mail' as const, label: 'By e-mail' },
  { id: 'hand' as const, label: 'By hand or post' },
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
  <UiDialog title="Send this letter" @close="emit('close')">
    <div class="body">
      <UiChoice v-if="mails" label="How it leaves" :value="by" :options="WAYS" @pick="(picked) => (by = picked)" />
      <template v-if="!mails">
        <p>Written. No mail leaves this machine: save or print the letter, hand it over, and note that here.</p>
        <p class="files">
          <UiButton :href="`/api/letters/${letter.id}/pdf`" target="_blank">Open PDF to print</UiButton>
          <UiButton :href="`/api/letters/${letter.id}/text`" download>Save as text</UiButton>
        </p>
      </template>
      <p v-else-if="by === 'mail' && email === ''" role="status">There is no e-mail address in the letter.</p>
      <p v-else-if="by === 'mail'">
        To {{ email }}, with the letter as PDF; its subject names nobody. Mail is readable on its way: send it only
        where your rules allow that.
      </p>
      <p v-else>Print it and hand it over; here you note that it left.</p>
      <fieldset v-if="carried.length > 0">
        <legend>Referrals that go with it; their result is awaited from then on</legend>
        <UiTick v-for="one in carried" :key="one.id" v-model="one.on">{{ one.title }}</UiTick>
      </fieldset>
      <p>Once it has left it does not change any more.</p>
      <UiAlert v-if="problem" :say="problem" />
    </div>
    <template #actions>
      <UiButton @click="emit('close')">Cancel</UiButton>
      <UiButton kind="main" :disabled="busy || (by === 'mail' && email === '')" @click="send">
        {{ by === 'mail' ? 'Send letter' : 'Note as handed over' }}
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
