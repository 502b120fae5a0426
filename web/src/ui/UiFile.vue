<script setup lang="ts">
import { ElUpload } from 'element-plus/es/components/upload/index.mjs'
import type { UploadFile } from 'element-plus/es/components/upload/index.mjs'
import 'element-plus/es/components/upload/style/css'

/** A file, dropped or chosen; the component that listens decides what becomes of it. */
defineProps<{ label: string; accept: string }>()
const emit = defineEmits<{ chosen: [file: File] }>()

function changed({ raw }: UploadFile): void {
  if (raw) emit('chosen', raw)
}
</script>

<template>
  <ElUpload
    class="file"
    drag
    :accept="accept"
    :auto-upload="false"
    :show-file-list="false"
    :aria-label="label"
    @change="changed"
  >
    <slot>{{ label }}</slot>
  </ElUpload>
</template>

<style scoped>
.file :deep(.el-upload-dragger) {
  padding: 22px;
  font-size: var(--type-base);
  color: var(--ink);
  background: var(--card);
  border: 2px dashed var(--line-2);
  border-radius: var(--radius);
}
.file :deep(.el-upload-dragger:hover) {
  border-color: var(--ink);
}
</style>
