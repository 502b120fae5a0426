<script setup lang="ts">
import { ElProgress } from 'element-plus/es/components/progress/index.mjs'
import 'element-plus/es/components/progress/style/css'
import { computed } from 'vue'
import { t } from '@/messages/ui'

/** How far something is, of how much. */
const props = defineProps<{ label: string; done: number; total: number }>()
const percent = computed(() => (props.total === 0 ? 0 : Math.round((100 * props.done) / props.total)))
</script>

<template>
  <ElProgress :percentage="percent" :aria-label="label" color="var(--ink)" :stroke-width="10">
    <span class="number">{{ t('uiProgress.of', { done, n: total }) }}</span>
  </ElProgress>
</template>
