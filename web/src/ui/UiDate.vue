<script setup lang="ts">
import { ElFormItem } from 'element-plus/es/components/form/index.mjs'
import 'element-plus/es/components/form-item/style/css'
import { ElInput } from 'element-plus/es/components/input/index.mjs'
import 'element-plus/es/components/input/style/css'
import { computed, ref, watch } from 'vue'
import { datePattern, day, readDay, typedDay } from '@/shared/dates'

/** A day, typed in the order of the team; the month stands beside it by name, so that none is taken for another. */
defineProps<{ label: string; prop: string }>()
/** YYYY-MM-DD, or nothing. */
const iso = defineModel<string>({ required: true })
const typed = ref(typedDay(iso.value))
const read = computed(() => readDay(typed.value))
const RULES = [
  {
    trigger: ['blur', 'submit'],
    validator: (_rule: unknown, _value: unknown, done: (fault?: Error) => void) =>
      typed.value.trim() !== '' && read.value === null
        ? done(new Error(`Not a day: type it as ${datePattern.value}.`))
        : done(),
  },
]

function type(text: string): void {
  typed.value = text
  iso.value = readDay(text) ?? ''
}

watch(iso, (now) => {
  if (now !== (read.value ?? '')) typed.value = typedDay(now)
})
</script>

<template>
  <ElFormItem :label="label" :prop="prop" :rules="RULES">
    <ElInput
      :model-value="typed"
      :placeholder="datePattern"
      :aria-label="label"
      autocomplete="off"
      inputmode="text"
      @update:model-value="type"
    />
    <small class="echo" role="status">{{ read === null ? '' : day(read) }}</small>
  </ElFormItem>
</template>

<style scoped>
.echo {
  min-height: 1.4em;
  line-height: 1.4;
  color: var(--text-2);
}
</style>
