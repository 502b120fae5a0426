<script setup lang="ts">
import { computed, onMounted, ref } from 'vue'
import { answerOf, api } from '@/api/client'
import type { Import } from '@/contract/types'
import LatelyImported from '@/frame/LatelyImported.vue'
import { t } from '@/messages/people'
import { useDoing } from '@/shared/useDoing'
import UiAlert from '@/ui/UiAlert.vue'
import { tell } from '@/ui/telling'

/** Lists that came in since yesterday, to be taken back. */
const lately = ref<Import[]>([])
const { busy, problem, attempt } = useDoing()
const imports = computed(() =>
  lately.value.map((one) => ({ ...one, say: t('importsLately.athletes', { n: one.total }) })),
)

async function load(): Promise<void> {
  lately.value = await answerOf(api.GET('/api/imports')).catch(() => [])
}

async function undo(id: string): Promise<void> {
  await attempt(async () => {
    const { stayed } = await answerOf(api.DELETE('/api/imports/{import}', { params: { path: { import: id } } }))
    tell(
      stayed === 0
        ? t('importsLately.importUndone')
        : t('importsLately.importUndoneExceptWithAnExamination', { stayed }),
    )
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
