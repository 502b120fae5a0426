<script setup lang="ts">
import { t } from '@/messages/bench'
import UiButton from '@/ui/UiButton.vue'
import UiDialog from '@/ui/UiDialog.vue'

/** Before an examination that only this device has is let go: nothing brings it back. */
defineProps<{ entries: number }>()
const emit = defineEmits<{ close: []; discard: [] }>()
</script>

<template>
  <UiDialog :title="t('discardBegunDialog.discardThisExamination')" @close="emit('close')">
    <p>{{ t('discardBegunDialog.onThisDeviceOnly', { n: entries }) }}</p>
    <template #actions>
      <UiButton @click="emit('close')">{{ t('discardBegunDialog.cancel') }}</UiButton>
      <UiButton kind="main" @click="emit('discard')">{{ t('discardBegunDialog.discardExamination') }}</UiButton>
    </template>
  </UiDialog>
</template>
