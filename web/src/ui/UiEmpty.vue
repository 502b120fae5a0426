<script setup lang="ts">
import { ElEmpty } from 'element-plus/es/components/empty/index.mjs'
import 'element-plus/es/components/empty/style/css'

/** Nothing is here, and why. */
defineProps<{ say: string }>()
</script>

<template>
  <ElEmpty :description="say" :image-size="0">
    <template #image><span hidden /></template>
    <slot />
  </ElEmpty>
</template>
