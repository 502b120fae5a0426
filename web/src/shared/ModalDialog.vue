<script setup lang="ts">
import { onMounted, useTemplateRef } from 'vue'

defineProps<{ title: string }>()
const emit = defineEmits<{ close: [] }>()
const dialog = useTemplateRef<HTMLDialogElement>('dialog')

onMounted(() => dialog.value?.showModal())
</script>

<template>
  <dialog ref="dialog" :aria-label="title" @close="emit('close')" @click.self="dialog?.close()">
    <div class="body">
      <header>
        <h2>{{ title }}</h2>
        <button class="button quiet" type="button" aria-label="Close" @click="dialog?.close()">✕</button>
      </header>
      <slot />
    </div>
  </dialog>
</template>

<style scoped>
dialog {
  width: min(560px, calc(100vw - 24px));
  max-height: calc(100dvh - 32px);
  padding: 0;
  color: var(--ink);
  background: var(--card);
  border: 1px solid var(--line-2);
  border-radius: 6px;
}
dialog::backdrop {
  background: rgb(20 22 24 / 55%);
}
.body {
  padding: 14px 22px 20px;
}
header {
  display: flex;
  justify-content: space-between;
  align-items: center;
  margin-bottom: 12px;
}
h2 {
  font-size: 1.27rem;
}
</style>
