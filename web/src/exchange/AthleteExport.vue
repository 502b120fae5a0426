<script setup lang="ts">
import { computed } from 'vue'
import ExportDialog from './ExportDialog.vue'
import type { ExportFormat } from './formats'
import { useExport } from './useExport'
import { answerOf, api } from '@/api/client'
import { t } from '@/messages/exchange'
import { saveFile } from '@/shared/saveFile'
import { useDoing } from '@/shared/useDoing'
import { withPassword } from '@/shared/usePassword'

/** The whole record of an athlete as a file; each asks for the password. */
const props = defineProps<{ athlete: { id: string; name: string } }>()
const emit = defineEmits<{ close: [] }>()
const { take, isMaking, problem } = useExport()
const { busy, problem: bundleProblem, attempt } = useDoing(t('athleteExport.theBundleCouldNotBeMade'))

async function takeBundle(): Promise<void> {
  const params = { path: { athlete: props.athlete.id } }
  await attempt(async () => {
    const bundle = () => answerOf(api.GET('/api/athletes/{athlete}/bundle', { params, parseAs: 'text' }))
    saveFile(`knees-${props.athlete.id}.fhir.json`, 'application/fhir+json', await withPassword(bundle))
  })
}

const formats = computed<ExportFormat[]>(() => [
  {
    name: t('athleteExport.everything'),
    save: t('athleteExport.saveEverything'),
    say: t('athleteExport.everythingSay'),
    take: () => take(props.athlete.id),
  },
  {
    name: t('athleteExport.bundle'),
    save: t('athleteExport.saveBundle'),
    say: t('athleteExport.bundleSay'),
    take: takeBundle,
  },
])
</script>

<template>
  <ExportDialog
    :title="t('athleteExport.title', { name: athlete.name })"
    :formats="formats"
    :is-busy="isMaking || busy"
    :problem="problem || bundleProblem"
    @close="emit('close')"
  />
</template>
