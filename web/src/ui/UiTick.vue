<script setup lang="ts">
import { ElCheckbox } from 'element-plus/es/components/checkbox/index.mjs'
import 'element-plus/es/components/checkbox/style/css'

/** A line that is so or is not. */
const on = defineModel<boolean>({ required: true })
</script>

<template>
  <ElCheckbox v-model="on" class="tick" :validate-event="false">
    <slot />
  </ElCheckbox>
</template>

<style scoped>
.tick {
  min-height: var(--touch);
  height: auto;
  margin-right: 0;
  white-space: normal;
}
.tick :deep(.el-checkbox__label) {
  font-size: var(--type-base);
  font-weight: 400;
  line-height: 1.3;
}
</style>
