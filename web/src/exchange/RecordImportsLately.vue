<script setup lang="ts">
import { computed, onMounted, ref } from 'vue'
import { answerOf, api } from '@/api/client'
import type { RecordImport } from '@/contract/types'
import LatelyImported from '@/frame/LatelyImported.vue'
import { t } from '@/messages/exchange'
import { useDoing } from '@/shared/useDoing'
import UiAlert from '@/ui/UiAlert.vue'
import { tell } from '@/ui/telling'

/** Files with records that came in since yesterday, to be undone. */
const lately = ref<RecordImport[]>([])
const { busy, problem, attempt } = useDoing()
const imports = computed(() =>
  lately.value.map((one) => ({ ...one, say: t('recordImportsLately.records', { n: one.total, origin: one.origin }) })),
)

async function load(): Promise<void> {
  lately.value = await answerOf(api.GET('/api/record-imports')).catch(() => [])
}

async function undo(id: string): Promise<void> {
  await attempt(async () => {
    const params = { path: { recordImport: id } }
    const { stayed } = await answerOf(api.DELETE('/api/record-imports/{recordImport}', { params }))
    tell(stayed === 0 ? t('recordImportsLately.undone') : t('recordImportsLately.undoneExcept', { n: stayed }))
    await load()
  })
}

defineExpose({ load })
onMounted(load)
</script>

<template>
  <LatelyImported :imports="imports" :busy="busy" @undo="undo">
    <UiAlert v-if="problem" :say="problem" />
  </LatelyImported>
</template>
