<script setup lang="ts">
import UiNumber from './UiNumber.vue'

/** A figure that something is worked out from: without one, and beside what is wrong with it, the last sound one counts. */
defineProps<{ label: string; least: number; most?: number; wrong?: string }>()
const figure = defineModel<number>({ required: true })
</script>

<template>
  <UiNumber
    :label="label"
    :value="Number.isNaN(figure) ? undefined : figure"
    :least="least"
    :most="most"
    :wrong="wrong"
    live
    @refused="figure = Number.NaN"
    @change="(value) => (figure = value ?? Number.NaN)"
  />
</template>
