<script setup lang="ts">
import { ElSlider } from 'element-plus/es/components/slider/index.mjs'
import 'element-plus/es/components/slider/style/css'

/** A figure to try out; what it comes to stands beside it, in its unit. */
withDefaults(
  defineProps<{ label: string; value: number; least: number; most: number; step?: number; unit: string }>(),
  { step: 1 },
)
const emit = defineEmits<{ change: [value: number] }>()

function moved(value: number | number[]): void {
  if (typeof value === 'number') emit('change', value)
}
</script>

<template>
  <div class="slide">
    <span aria-hidden="true">{{ label }}</span>
    <ElSlider
      :model-value="value"
      :min="least"
      :max="most"
      :step="step"
      :aria-label="label"
      :format-value-text="(figure: number) => `${figure} ${unit}`"
      :show-tooltip="false"
      @input="moved"
    />
    <output class="number">{{ value }} {{ unit }}</output>
  </div>
</template>

<style scoped>
.slide {
  display: grid;
  grid-template-columns: 150px 1fr 84px;
  gap: 18px;
  align-items: center;
}
output {
  text-align: right;
}
@media (--phone) {
  .slide {
    grid-template-columns: 1fr auto;
    gap: 0 12px;
  }
  .slide :deep(.el-slider) {
    grid-row: 2;
    grid-column: 1 / -1;
  }
}
</style>
