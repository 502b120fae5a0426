<script setup lang="ts">
import { computed, ref } from 'vue'
import { useExamination } from '@/stores/examination'
import { type Unsent, discardUnsent, sendAll } from '@/sync'
import UiAlert from '@/ui/UiAlert.vue'
import UiButton from '@/ui/UiButton.vue'
import UiDialog from '@/ui/UiDialog.vue'

/** Entries wait on this device while somebody logs out: whether to send, to keep or to discard them is theirs to say. */
const props = defineProps<{ unsent: Unsent[] }>()
const emit = defineEmits<{ stay: []; leave: [] }>()
const examination = useExamination()
const left = ref(props.unsent)
const busy = ref(false)
const tried = ref(false)

const count = computed(() => left.value.reduce((sum, one) => sum + one.count, 0))
const entries = computed(() => `${count.value} ${count.value === 1 ? 'entry' : 'entries'}`)

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
  <UiDialog title="Not everything is sent yet" @close="emit('stay')">
    <p>
      {{ entries }} for {{ left.length === 1 ? 'one examination' : `${left.length} examinations` }}
      {{ count === 1 ? 'waits' : 'wait' }} on this device.
    </p>
    <UiAlert v-if="tried" say="Not all of it could be sent: the server is away, would not take it, or a tab is open." />
    <ul>
      <li>
        <UiButton kind="main" :disabled="busy" @click="send">Send now and log out</UiButton>
      </li>
      <li>
        <UiButton :disabled="busy" @click="emit('leave')">Keep them on this device</UiButton>
        <span>Nobody else can read them; they are sent after you log in on this device again.</span>
      </li>
      <li>
        <UiButton :disabled="busy" @click="discard">Discard {{ entries }}</UiButton>
        <span>Nothing brings them back.</span>
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
