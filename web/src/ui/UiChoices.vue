<script setup lang="ts">
import { ElCheckboxButton, ElCheckboxGroup } from 'element-plus/es/components/checkbox/index.mjs'
import 'element-plus/es/components/checkbox-button/style/css'
import 'element-plus/es/components/checkbox-group/style/css'

/** Any of several, all in sight. */
const props = defineProps<{
  label: string
  value: readonly string[]
  options: readonly { id: string; label: string }[]
}>()
const emit = defineEmits<{ pick: [value: string] }>()

function changed(now: (string | number | boolean)[]): void {
  const other = [
    ...now.filter((id) => !props.value.includes(String(id))),
    ...props.value.filter((id) => !now.includes(id)),
  ]
  for (const id of other) emit('pick', String(id))
}
</script>

<template>
  <ElCheckboxGroup
    class="choices"
    :model-value="[...value]"
    :aria-label="label"
    :validate-event="false"
    @change="(now) => changed(now as string[])"
  >
    <ElCheckboxButton v-for="option in options" :key="option.id" :value="option.id">
      {{ option.label }}
    </ElCheckboxButton>
  </ElCheckboxGroup>
</template>
