<script setup lang="ts">
import { ElForm } from 'element-plus/es/components/form/index.mjs'
import type { FormRules } from 'element-plus/es/components/form/index.mjs'
import 'element-plus/es/components/form/style/css'
import { useTemplateRef } from 'vue'
import UiActions from './UiActions.vue'

/** Fields that belong together, and the buttons below them; it is sent only once every rule holds, and says under a field why not. */
defineProps<{ model: Record<string, unknown>; rules?: FormRules; label: string }>()
const emit = defineEmits<{ submit: [] }>()
const form = useTemplateRef<{ validate: () => Promise<boolean> }>('form')

async function submit(): Promise<void> {
  const sound = await form.value?.validate().catch(() => false)
  if (sound !== false) emit('submit')
}
</script>

<template>
  <ElForm
    ref="form"
    :model="model"
    :rules="rules"
    :aria-label="label"
    label-position="top"
    hide-required-asterisk
    scroll-to-error
    @submit.prevent="submit"
  >
    <slot />
    <UiActions v-if="$slots.actions"><slot name="actions" /></UiActions>
  </ElForm>
</template>
