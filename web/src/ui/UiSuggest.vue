<script setup lang="ts">
import { ElFormItem } from 'element-plus/es/components/form/index.mjs'
import 'element-plus/es/components/form-item/style/css'
import { ElInput } from 'element-plus/es/components/input/index.mjs'
import 'element-plus/es/components/input/style/css'
import { useId } from 'vue'

/**
 * A line of text under its label, with what was written there before to choose from. The library's own names a list to
 * screen readers that is not there yet; the browser's does not.
 */
defineProps<{ label: string; prop: string; known: readonly string[] }>()
const text = defineModel<string>({ required: true })
const list = useId()
</script>

<template>
  <ElFormItem :label="label" :prop="prop">
    <ElInput v-model="text" :aria-label="label" :list="list" autocomplete="off" />
    <datalist :id="list">
      <option v-for="one in known" :key="one" :value="one" />
    </datalist>
  </ElFormItem>
</template>
