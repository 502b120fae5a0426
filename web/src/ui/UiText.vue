<script setup lang="ts">
import { ElFormItem } from 'element-plus/es/components/form/index.mjs'
import 'element-plus/es/components/form-item/style/css'
import { ElInput } from 'element-plus/es/components/input/index.mjs'
import 'element-plus/es/components/input/style/css'
import { useTemplateRef } from 'vue'

/** A line of text under its label. */
withDefaults(
  defineProps<{
    label: string
    prop: string
    type?: 'text' | 'email' | 'password' | 'date' | 'textarea'
    autocomplete?: string
    /** Of a longer text: at least so many lines, and more as it grows. */
    rows?: number
  }>(),
  { type: 'text', autocomplete: 'off', rows: 2 },
)
const input = useTemplateRef<{ focus: () => void }>('input')

defineExpose({ focus: () => input.value?.focus() })
const text = defineModel<string>({ required: true })
</script>

<template>
  <ElFormItem :label="label" :prop="prop">
    <ElInput
      ref="input"
      v-model="text"
      :type="type"
      :autosize="type === 'textarea' ? { minRows: rows } : false"
      :autocomplete="autocomplete"
      :aria-label="label"
    />
  </ElFormItem>
</template>
