<script setup lang="ts">
defineProps<{ value: number | undefined; label: string }>()
const emit = defineEmits<{ pick: [value: number] }>()
const STEPS = Array.from({ length: 11 }, (_, step) => step)
</script>

<template>
  <div class="pain" role="group" :aria-label="`${label}, 0 to 10`">
    <button
      v-for="step in STEPS"
      :key="step"
      type="button"
      class="choice number"
      :class="{ upto: value !== undefined && step <= value && value > 0 }"
      :aria-pressed="value === step"
      :aria-label="`${label} ${step} of 10`"
      @click="emit('pick', step)"
    >
      {{ step }}
    </button>
  </div>
</template>

<style scoped>
.pain {
  display: grid;
  grid-template-columns: repeat(11, 1fr);
  gap: 2px;
}
.choice {
  padding: 0;
  min-width: 0;
  min-height: 36px;
  border-color: var(--line);
  border-radius: 2px;
}
.choice.upto {
  background: var(--mine-soft);
}
@media (pointer: coarse) {
  .pain {
    grid-template-columns: repeat(6, 1fr);
  }
  .choice {
    min-height: 44px;
  }
}
</style>
