<script setup lang="ts">
import { ref } from 'vue'
import UiAlert from '@/ui/UiAlert.vue'
import UiDialog from '@/ui/UiDialog.vue'
import { useExamination } from '@/stores/examination'

const emit = defineEmits<{ close: [] }>()
const examination = useExamination()
const busy = ref(false)
const problem = ref('')

async function sign(): Promise<void> {
  busy.value = true
  try {
    await examination.sign()
    emit('close')
  } catch (error) {
    problem.value = error instanceof Error ? error.message : 'It could not be signed; nothing was changed.'
    busy.value = false
  }
}
</script>

<template>
  <UiDialog title="Sign this examination" @close="emit('close')">
    <p>
      Signing closes it for good. The findings, the figures and the rules it was judged by stay as they are now; nobody
      can change them afterwards.
    </p>
    <p v-if="examination.saveState !== 'saved'" role="status">
      Something is still on its way to the server. It can be signed once that is saved.
    </p>
    <UiAlert v-if="problem" :say="problem" />
    <p class="actions">
      <button type="button" class="button" @click="emit('close')">Not yet</button>
      <button type="button" class="button main" :disabled="busy || examination.saveState !== 'saved'" @click="sign">
        Sign for good
      </button>
    </p>
  </UiDialog>
</template>

<style scoped>
p + p {
  margin-top: 10px;
}
.actions {
  display: flex;
  justify-content: end;
  gap: 10px;
  margin-top: 18px;
}
</style>
