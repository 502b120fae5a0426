<script setup lang="ts">
import { computed } from 'vue'
import ExportDialog from './ExportDialog.vue'
import type { ExportFormat } from './formats'
import { t } from '@/messages/exchange'

/** One examination as a file. */
const props = defineProps<{ id: string; examinedAt: string }>()
const emit = defineEmits<{ close: [] }>()

const formats = computed<ExportFormat[]>(() => {
  const address = `/api/examinations/${props.id}`
  const name = `knee-${props.examinedAt.slice(0, 10)}`
  return [
    {
      name: t('examinationExport.summary'),
      save: t('examinationExport.saveSummary'),
      say: t('examinationExport.summarySay'),
      href: `${address}/summary.pdf`,
      download: `${name}.pdf`,
    },
    {
      name: t('examinationExport.document'),
      save: t('examinationExport.saveDocument'),
      say: t('examinationExport.documentSay'),
      href: `${address}/document`,
      download: `${name}.json`,
    },
    {
      name: t('examinationExport.bundle'),
      save: t('examinationExport.saveBundle'),
      say: t('examinationExport.bundleSay'),
      href: `${address}/bundle`,
      download: `${name}.fhir.json`,
    },
  ]
})
</script>

<template>
  <ExportDialog :title="t('examinationExport.title')" :formats="formats" @close="emit('close')" />
</template>
