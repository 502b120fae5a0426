<script setup lang="ts">
import { ElSkeleton } from 'element-plus/es/components/skeleton/index.mjs'
import 'element-plus/es/components/skeleton/style/css'
import 'element-plus/es/components/skeleton-item/style/css'
import { t } from '@/messages/ui'

/** Something is on its way; grey lines stand where it will be. */
withDefaults(defineProps<{ lines?: number; label?: string }>(), { lines: 4, label: t('uiWaiting.loading') })
</script>

<template>
  <div role="status" :aria-label="label">
    <ElSkeleton :rows="lines" :throttle="{ leading: 200, trailing: 0 }" />
  </div>
</template>
