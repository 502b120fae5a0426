<script setup lang="ts">
import { ElTooltip } from 'element-plus/es/components/tooltip/index.mjs'
import 'element-plus/es/components/tooltip/style/css'

/** A word on what is pointed at; nothing that is needed stands here alone, since a finger does not point. */
defineProps<{ say: string }>()
</script>

<template>
  <ElTooltip :content="say" placement="bottom" :show-after="400" :hide-after="0" :enterable="false">
    <slot />
  </ElTooltip>
</template>
