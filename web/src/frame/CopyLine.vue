<script setup lang="ts">
import { ref } from 'vue'
import { t } from '@/messages/frame'
import UiButton from '@/ui/UiButton.vue'

/** A line to copy: by its button, or by selecting it where the browser forbids that. */
const props = defineProps<{ label: string; text: string; action?: string }>()
const said = ref('')

async function copy(): Promise<void> {
  try {
    await navigator.clipboard.writeText(props.text)
    said.value = t('copyLine.copied')
  } catch {
    said.value = t('copyLine.theBrowserDoesNotAllowIt')
  }
}

function selectAll(event: FocusEvent): void {
  ;(event.target as HTMLInputElement).select()
}
</script>

<template>
  <div class="line">
    <input :value="text" :aria-label="label" readonly @focus="selectAll" />
    <UiButton @click="copy">{{ action ?? t('copyLine.copyLink') }}</UiButton>
    <span role="status">{{ said }}</span>
  </div>
</template>

<style scoped>
.line {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px;
}
input {
  flex: 1 1 220px;
  min-width: 0;
  min-height: 40px;
  padding: 0 10px;
  border: 1px solid var(--line);
  border-radius: 4px;
  background: var(--paper);
  color: inherit;
  font: inherit;
}
span {
  color: var(--text-2);
}
</style>
