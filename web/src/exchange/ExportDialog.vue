<script setup lang="ts">
import type { ExportFormat } from './formats'
import { t } from '@/messages/exchange'
import UiActions from '@/ui/UiActions.vue'
import UiAlert from '@/ui/UiAlert.vue'
import UiButton from '@/ui/UiButton.vue'
import UiDialog from '@/ui/UiDialog.vue'

/** The files that a record can be saved as, each with what it is for. */
defineProps<{ title: string; formats: ExportFormat[]; isBusy?: boolean; problem?: string }>()
const emit = defineEmits<{ close: [] }>()
</script>

<template>
  <UiDialog :title="title" @close="emit('close')">
    <ul class="formats">
      <li v-for="format in formats" :key="format.name">
        <p>
          <b>{{ format.name }}</b>
          {{ format.say }}
        </p>
        <UiButton v-if="format.href" :href="format.href" :download="format.download">
          {{ format.save }}
        </UiButton>
        <UiButton v-else :disabled="isBusy" @click="format.take?.()">
          {{ format.save }}
        </UiButton>
      </li>
    </ul>
    <UiAlert v-if="problem" :say="problem" />
    <UiActions>
      <UiButton @click="emit('close')">{{ t('exportDialog.close') }}</UiButton>
    </UiActions>
  </UiDialog>
</template>

<style scoped>
.formats {
  display: grid;
  padding: 0;
  margin: 0 0 16px;
  list-style: none;
}
.formats li {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 16px;
  align-items: center;
  justify-content: space-between;
  padding: 12px 0;
  border-top: 1px solid var(--line);
}
.formats p {
  display: grid;
  flex: 1 1 16em;
  margin: 0;
}
</style>
