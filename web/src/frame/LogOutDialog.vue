<script setup lang="ts">
import { computed, ref } from 'vue'
import { t } from '@/messages/frame'
import { useExamination } from '@/stores/examination'
import { type Unsent, discardUnsent, sendAll } from '@/sync'
import UiAlert from '@/ui/UiAlert.vue'
import UiButton from '@/ui/UiButton.vue'
import UiDialog from '@/ui/UiDialog.vue'

/** Entries wait on this device while someone logs out: whether to send, to keep or to discard them is theirs to say. */
const props = defineProps<{ unsent: Unsent[] }>()
const emit = defineEmits<{ stay: []; leave: [] }>()
const examination = useExamination()
const left = ref(props.unsent)
const busy = ref(false)
const tried = ref(false)

const count = computed(() => left.value.reduce((sum, one) => sum + one.count, 0))

async function send(): Promise<void> {
  busy.value = true
  examination.close()
  left.value = await sendAll()
  tried.value = true
  busy.value = false
  if (left.value.length === 0) emit('leave')
}

async function discard(): Promise<void> {
  examination.close()
  await discardUnsent()
  emit('leave')
}
</script>

<template>
  <UiDialog :title="t('logOutDialog.notEverythingIsSentYet')" @close="emit('stay')">
    <p>
      {{
        t('logOutDialog.forOnThisDevice', {
          n: count,
          examinations: t('logOutDialog.examinations', { n: left.length }),
        })
      }}
    </p>
    <UiAlert v-if="tried" :say="t('logOutDialog.someEntriesCouldNotBeSent')" />
    <ul>
      <li>
        <UiButton kind="main" :disabled="busy" @click="send">{{ t('logOutDialog.sendNowAndLogOut') }}</UiButton>
      </li>
      <li>
        <UiButton :disabled="busy" @click="emit('leave')">{{ t('logOutDialog.keepThemOnThisDevice') }}</UiButton>
        <span>{{ t('logOutDialog.nobodyElseCanReadThemThey') }}</span>
      </li>
      <li>
        <UiButton :disabled="busy" @click="discard">{{ t('logOutDialog.discard', { n: count }) }}</UiButton>
        <span>{{ t('logOutDialog.thisCannotBeUndone') }}</span>
      </li>
    </ul>
  </UiDialog>
</template>

<style scoped>
ul {
  display: grid;
  gap: 12px;
  margin: 16px 0 0;
  padding: 0;
  list-style: none;
}
li {
  display: grid;
  gap: 4px;
  justify-items: start;
}
li span {
  color: var(--text-2);
}
</style>
