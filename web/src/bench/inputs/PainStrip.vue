<script setup lang="ts">
import { t } from '@/messages/bench'
import UiChoice from '@/ui/UiChoice.vue'

/** Pain from 0 to 10, as the athlete says it. */
const props = defineProps<{ value: number | undefined; label: string }>()
const emit = defineEmits<{ pick: [value: number] }>()
const STEPS = Array.from({ length: 11 }, (_, step) => ({ id: step, label: String(step) }))
const isBelow = (step: number) => (props.value ?? 0) > 0 && step < (props.value ?? 0)
</script>

<template>
  <UiChoice
    class="pain number"
    :label="t('painStrip.n0To10', { label })"
    :value="value"
    :options="STEPS"
    @pick="(step) => emit('pick', step)"
  >
    <template #option="{ option }">
      <span class="unseen">{{ t('painStrip.of10', { label, value: option.label }) }}</span>
      <span aria-hidden="true" :class="{ upto: isBelow(option.id) }">{{ option.label }}</span>
    </template>
  </UiChoice>
</template>

<style scoped>
.pain {
  display: grid !important;
  grid-template-columns: repeat(11, 1fr);
  gap: 2px !important;
}
.pain :deep(.el-radio-button__inner) {
  position: relative;
  min-height: 36px;
  padding: 0;
  border-color: var(--line) !important;
  border-radius: 2px !important;
}
.upto::before {
  content: '';
  position: absolute;
  inset: 0;
  z-index: -1;
  background: var(--mine-soft);
}
.pain :deep(.el-radio-button__inner) {
  z-index: 0;
}
@media (pointer: coarse) {
  .pain {
    grid-template-columns: repeat(6, 1fr);
  }
  .pain :deep(.el-radio-button__inner) {
    min-height: 44px;
  }
}
</style>
