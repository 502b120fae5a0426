<script setup lang="ts">
defineProps<{ value: boolean | undefined; label: string }>()
const emit = defineEmits<{ pick: [value: boolean] }>()
</script>

<template>
  <div class="flag" role="group" :aria-label="label">
    <button type="button" class="choice" :aria-pressed="value === false" @click="emit('pick', false)">no</button>
    <button type="button" class="choice" :aria-pressed="value === true" @click="emit('pick', true)">yes</button>
  </div>
</template>

<style scoped>
.flag {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 5px;
}
</style>
