<script setup lang="ts">
import UiChoice from '@/ui/UiChoice.vue'

defineProps<{ value: boolean | undefined; label: string }>()
const emit = defineEmits<{ pick: [value: boolean] }>()
const ANSWERS = [
  { id: false, label: 'no' },
  { id: true, label: 'yes' },
]
</script>

<template>
  <UiChoice :label="label" :value="value" :options="ANSWERS" @pick="(answer) => emit('pick', answer)" />
</template>
