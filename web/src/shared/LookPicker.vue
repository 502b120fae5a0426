<script setup lang="ts">
import { type Look, useLook } from './look'

const { chosen } = useLook()
const LOOKS: { id: Look; label: string }[] = [
  { id: 'auto', label: 'As the device' },
  { id: 'light', label: 'Light' },
  { id: 'dark', label: 'Dark' },
  { id: 'outdoor', label: 'Outdoor' },
]
</script>

<template>
  <label class="look">
    <span class="unseen">Look of the screen</span>
    <select v-model="chosen">
      <option v-for="look in LOOKS" :key="look.id" :value="look.id">{{ look.label }}</option>
    </select>
  </label>
</template>

<style scoped>
select {
  min-height: 44px;
  padding: 0 8px;
  font: inherit;
  color: var(--text-2);
  background: transparent;
  border: 1px solid transparent;
  border-radius: var(--radius);
  cursor: pointer;
}
select:hover {
  border-color: var(--line-2);
}
option {
  color: var(--ink);
  background: var(--card);
}
</style>
