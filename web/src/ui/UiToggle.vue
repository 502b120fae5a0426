<script setup lang="ts">
import { ElCheckboxButton } from 'element-plus/es/components/checkbox/index.mjs'
import 'element-plus/es/components/checkbox-button/style/css'

/** One thing that is so or is not said. */
defineProps<{ on: boolean }>()
const emit = defineEmits<{ toggle: [] }>()
</script>

<template>
  <ElCheckboxButton class="toggle" :model-value="on" :validate-event="false" @change="emit('toggle')">
    <slot />
  </ElCheckboxButton>
</template>
