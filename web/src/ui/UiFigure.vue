<script setup lang="ts">
import { ElFormItem } from 'element-plus/es/components/form/index.mjs'
import 'element-plus/es/components/form-item/style/css'
import { ElInput } from 'element-plus/es/components/input/index.mjs'
import 'element-plus/es/components/input/style/css'

/** A figure typed in; what is wrong with it stands under it. */
defineProps<{ label: string; least: number; most?: number; wrong?: string }>()
const figure = defineModel<number>({ required: true })

function typed(text: string): void {
  figure.value = text === '' ? Number.NaN : Number(text)
}
</script>

<template>
  <ElFormItem :label="label" :error="wrong ?? ''">
    <ElInput
      type="number"
      step="any"
      inputmode="decimal"
      :min="least"
      :max="most"
      :aria-label="label"
      :aria-invalid="wrong !== undefined && wrong !== ''"
      :model-value="Number.isNaN(figure) ? '' : String(figure)"
      @update:model-value="typed"
    />
  </ElFormItem>
</template>
