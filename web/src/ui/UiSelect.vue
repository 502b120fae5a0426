<script setup lang="ts" generic="T extends string | number">
import { ElOption, ElSelect } from 'element-plus/es/components/select/index.mjs'
import 'element-plus/es/components/option/style/css'
import 'element-plus/es/components/select/style/css'
import { computed, onMounted, ref, useId, useTemplateRef } from 'vue'
import { t } from '@/messages/ui'

/** One of several, under its label; `none` is what stands there while nothing is chosen, and takes a choice back. */
const props = defineProps<{
  label: string
  value: T | undefined
  options: readonly { id: T; label: string }[]
  none?: string
  unseenLabel?: boolean
  /** Of so many that one types a part of a name. */
  filterable?: boolean
  /** It was asked for by a tap already, and is open from the beginning. */
  opens?: boolean
}>()
const emit = defineEmits<{ change: [value: T | undefined] }>()
const NONE = ''
const id = useId()
const list = useTemplateRef<{ focus: () => void; toggleMenu: () => void }>('list')

onMounted(() => {
  if (!props.opens) return
  list.value?.focus()
  list.value?.toggleMenu()
})

const isOpen = ref(false)

/** The library keeps Escape to itself while its list is closed too; then it is for what the select stands in. */
function passOn(event: KeyboardEvent): void {
  if (isOpen.value) return
  event.stopPropagation()
  const { key, code } = event
  const around = (event.currentTarget as HTMLElement).parentElement
  around?.dispatchEvent(new KeyboardEvent('keydown', { key, code, bubbles: true, cancelable: true }))
}

/** A code of which nothing is known yet is shown to nobody. */
const known = computed(() => props.options.some(({ id }) => id === props.value))

function choose(value: T | typeof NONE): void {
  if (value !== (props.value ?? NONE)) emit('change', value === NONE ? undefined : value)
}
</script>

<template>
  <div class="select" @keydown.escape.capture="passOn">
    <label :for="id" :class="{ unseen: unseenLabel }">{{ label }}</label>
    <ElSelect
      :id="id"
      ref="list"
      :model-value="known ? value : NONE"
      :aria-label="label"
      :placeholder="none ?? ''"
      :no-data-text="t('uiSelect.noOptions')"
      :show-arrow="false"
      :filterable="filterable"
      fit-input-width
      @change="choose"
      @visible-change="(open: boolean) => (isOpen = open)"
    >
      <ElOption v-if="none !== undefined" :value="NONE" :label="none" />
      <ElOption v-for="option in options" :key="option.id" :value="option.id" :label="option.label" />
    </ElSelect>
  </div>
</template>

<style scoped>
.select {
  display: grid;
  gap: 6px;
}
</style>
