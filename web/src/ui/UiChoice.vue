<script setup lang="ts" generic="T extends string | number | boolean">
import { ElRadioButton, ElRadioGroup } from 'element-plus/es/components/radio/index.mjs'
import 'element-plus/es/components/radio-button/style/css'
import 'element-plus/es/components/radio-group/style/css'

/**
 * One of several, all in sight: one tab stop; arrow keys move between them and change nothing, space chooses. A second
 * tap on the same clears it.
 */
const props = defineProps<{
  label: string
  value: T | undefined | null
  options: readonly { id: T; label: string }[]
}>()
const emit = defineEmits<{ pick: [value: T] }>()

/** A tap on what is chosen already changes nothing in the group, and so is told by itself. */
function again(event: Event, id: T): void {
  if (event.target instanceof HTMLInputElement && props.value === id) emit('pick', id)
}

const STEPS: Record<string, number> = { ArrowDown: 1, ArrowRight: 1, ArrowUp: -1, ArrowLeft: -1 }

/** The library would choose with the arrow, and an answer would change under a hand that meant to go on. */
function move(event: KeyboardEvent): void {
  const step = STEPS[event.key]
  if (step === undefined || event.altKey || event.ctrlKey || event.metaKey) return
  event.preventDefault()
  event.stopPropagation()
  const inputs = [...(event.currentTarget as HTMLElement).querySelectorAll<HTMLInputElement>('input[type=radio]')]
  const at = inputs.findIndex((input) => input === document.activeElement)
  inputs[(at + step + inputs.length) % inputs.length]?.focus()
}
</script>

<template>
  <ElRadioGroup
    class="choices"
    :model-value="value ?? undefined"
    :aria-label="label"
    :validate-event="false"
    @keydown.capture="move"
    @change="(picked) => emit('pick', picked as T)"
  >
    <ElRadioButton
      v-for="option in options"
      :key="String(option.id)"
      :value="option.id"
      @click.capture="(event: Event) => again(event, option.id)"
    >
      <slot name="option" :option="option" :chosen="value === option.id">{{ option.label }}</slot>
    </ElRadioButton>
  </ElRadioGroup>
</template>
