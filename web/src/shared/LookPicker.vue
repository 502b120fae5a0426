<script setup lang="ts">
import UiSelect from '@/ui/UiSelect.vue'
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
  <UiSelect
    class="look"
    label="Look of the screen"
    :value="chosen"
    :options="LOOKS"
    unseen-label
    @change="(look) => (chosen = look ?? 'auto')"
  />
</template>

<style scoped>
.look {
  width: 148px;
}
.look :deep(.el-select__wrapper) {
  background: transparent;
  box-shadow: none;
}
</style>
