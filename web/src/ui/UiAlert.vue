<script setup lang="ts">
import { ElAlert } from 'element-plus/es/components/alert/index.mjs'
import 'element-plus/es/components/alert/style/css'

/** Something went wrong here; what can be done about it stands in the slot. */
defineProps<{ say: string }>()
</script>

<template>
  <ElAlert :title="say" type="warning" :closable="false" show-icon>
    <slot />
  </ElAlert>
</template>
