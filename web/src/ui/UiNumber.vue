<script setup lang="ts">
import { useId } from 'vue'
import { useFigure } from '@/figures/useFigure'

/** A figure under its label, with its unit. It is taken when the field is left; one that is out of range stays, refused. */
const props = defineProps<{
  label: string
  value: number | undefined
  least?: number
  most?: number
  whole?: boolean
  unit?: string
  /** The label is told, not shown: words around the field say what it is. */
  bare?: boolean
  /** Judged elsewhere as well, such as against another figure. */
  wrong?: string
  /** Taken with each stroke, not only when the field is left. */
  live?: boolean
}>()
const emit = defineEmits<{ change: [value: number | undefined]; refused: [] }>()
const told = useId()

const { text, fault, take, follow } = useFigure({
  value: () => props.value,
  range: () => ({ least: props.least, most: props.most, whole: props.whole, unit: props.unit }),
  label: () => props.label,
  change: (value) => emit('change', value),
})

function typed(): void {
  if (props.live && !follow()) emit('refused')
}
</script>

<template>
  <label class="field figure-field" :class="{ bare }">
    <span :class="{ unseen: bare }">{{ label }}</span>
    <input
      v-model="text"
      type="text"
      :inputmode="(least ?? 0) < 0 ? 'text' : whole ? 'numeric' : 'decimal'"
      autocomplete="off"
      :aria-invalid="fault !== '' || (wrong ?? '') !== ''"
      :aria-describedby="told"
      @input="typed"
      @change="take"
      @keydown.enter="take"
    />
    <small :id="told" class="fault" role="status">{{ fault || wrong }}</small>
  </label>
</template>

<style scoped>
.figure-field {
  align-content: start;
}
.bare {
  display: inline-grid;
}
.fault {
  color: var(--needle);
  font-weight: 600;
  font-size: var(--type-small);
}
.fault:empty {
  display: none;
}
</style>
