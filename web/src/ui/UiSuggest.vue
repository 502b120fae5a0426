<script setup lang="ts">
import { ElAutocomplete } from 'element-plus/es/components/autocomplete/index.mjs'
import 'element-plus/es/components/autocomplete/style/css'
import { ElFormItem } from 'element-plus/es/components/form/index.mjs'
import 'element-plus/es/components/form-item/style/css'

/** A line of text under its label, with what was written there before to choose from. */
const props = defineProps<{ label: string; prop: string; known: readonly string[] }>()
const text = defineModel<string>({ required: true })

function suggest(typed: string, show: (found: { value: string }[]) => void): void {
  const sought = typed.trim().toLowerCase()
  show(props.known.filter((one) => one.toLowerCase().includes(sought)).map((value) => ({ value })))
}
</script>

<template>
  <ElFormItem :label="label" :prop="prop">
    <ElAutocomplete v-model="text" :aria-label="label" :fetch-suggestions="suggest" fit-input-width />
  </ElFormItem>
</template>
