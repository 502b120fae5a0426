<script setup lang="ts">
import { ref } from 'vue'
import { answerOf, api } from '@/api/client'
import type { ReferenceResult } from '@/contract/types'
import { t } from '@/messages/people'
import { useDoing } from '@/shared/useDoing'
import UiAlert from '@/ui/UiAlert.vue'
import UiButton from '@/ui/UiButton.vue'
import UiDialog from '@/ui/UiDialog.vue'
import UiFile from '@/ui/UiFile.vue'

/** Reports and pictures beside one result. */
const props = defineProps<{ result: ReferenceResult; mayChange: boolean }>()
const emit = defineEmits<{ changed: [] }>()
const adding = ref(false)
const { busy, problem, attempt } = useDoing()

const KB = 1024
const MB = 1024 * KB
const MOST_MB = 10

function size(bytes: number): string {
  return bytes < MB
    ? t('resultFiles.kb', { KB: Math.max(1, Math.round(bytes / KB)) })
    : t('resultFiles.mb', { MB: (bytes / MB).toFixed(1) })
}

async function add(file: File): Promise<void> {
  const done = await attempt(async () => {
    if (file.size > MOST_MB * MB) throw new Error(`The file is larger than ${MOST_MB} MB.`)
    await answerOf(
      api.POST('/api/reference-results/{result}/attachments', {
        params: {
          path: { result: props.result.id },
          header: { 'X-File-Name': encodeURIComponent(file.name) },
        },
        headers: { 'Content-Type': 'application/octet-stream' },
        body: file as unknown as string,
        bodySerializer: (body) => body as unknown as Blob,
      }),
    )
  })
  if (!done) return
  adding.value = false
  emit('changed')
}

async function remove(attachment: string): Promise<void> {
  const params = { path: { attachment } }
  if (await attempt(() => answerOf(api.DELETE('/api/attachments/{attachment}', { params })))) emit('changed')
}

async function takeBack(removedFile: string): Promise<void> {
  const params = { path: { removedFile } }
  const restored = () => answerOf(api.POST('/api/attachments/{removedFile}/restoration', { params }))
  if (await attempt(restored)) emit('changed')
}
</script>

<template>
  <div class="files">
    <ul v-if="result.files.length > 0">
      <li v-for="file in result.files" :key="file.id">
        <s v-if="file.removed" class="quiet-text">{{ file.name }}</s>
        <a v-else :href="`/api/attachments/${file.id}`" download>{{ file.name }}</a>
        <small>{{ size(file.bytes) }}</small>
        <UiButton
          v-if="mayChange && file.removed"
          kind="quiet"
          :disabled="busy"
          :aria-label="t('resultFiles.restore', { name: file.name })"
          @click="takeBack(file.id)"
        >
          {{ t('resultFiles.restore2') }}
        </UiButton>
        <UiButton
          v-else-if="mayChange"
          kind="quiet"
          :disabled="busy"
          :aria-label="t('resultFiles.remove', { name: file.name })"
          @click="remove(file.id)"
        >
          {{ t('resultFiles.remove2') }}
        </UiButton>
      </li>
    </ul>
    <UiButton
      v-if="mayChange"
      kind="quiet"
      :aria-label="t('resultFiles.addAFile', { label: result.label })"
      @click="adding = true"
    >
      {{ t('resultFiles.addAFile2') }}
    </UiButton>
    <UiAlert v-if="problem && !adding" :say="problem" />
    <UiDialog v-if="adding" :title="t('resultFiles.filesFor', { label: result.label })" @close="adding = false">
      <UiFile :label="t('resultFiles.chooseOrDropAReportOr')" accept=".pdf,.png,.jpg,.jpeg" @chosen="add">
        {{ busy ? t('resultFiles.uploading') : t('resultFiles.chooseOrDropAPdfPng', { MOST_MB }) }}
      </UiFile>
      <UiAlert v-if="problem" class="said" :say="problem" />
    </UiDialog>
  </div>
</template>

<style scoped>
.files {
  font-size: var(--type-note);
}
li {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px;
  overflow-wrap: anywhere;
}
.said {
  margin-top: 12px;
}
.files > .button {
  padding: 0;
}
li .button {
  padding: 0 8px;
}
</style>
