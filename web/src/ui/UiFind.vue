<script setup lang="ts">
import { ElOption, ElSelect } from 'element-plus/es/components/select/index.mjs'
import 'element-plus/es/components/option/style/css'
import 'element-plus/es/components/select/style/css'
import { computed, onMounted, ref, useTemplateRef } from 'vue'

/** Finds one of many by typing; arrow keys choose, Enter takes the first or the chosen one. */
const props = defineProps<{ label: string; none: string; find: (words: string) => { id: string; label: string }[] }>()
const emit = defineEmits<{ pick: [id: string]; leave: [] }>()
const words = ref('')
const found = computed(() => props.find(words.value))
const field = useTemplateRef<{ focus: () => void }>('field')

onMounted(() => field.value?.focus())
</script>

<template>
  <ElSelect
    ref="field"
    model-value=""
    :aria-label="label"
    :placeholder="label"
    :no-data-text="none"
    :no-match-text="none"
    :filter-method="(typed: string) => (words = typed)"
    :teleported="false"
    filterable
    default-first-option
    automatic-dropdown
    fit-input-width
    @keydown.esc.capture.stop.prevent="emit('leave')"
    @change="(id: string) => emit('pick', id)"
  >
    <ElOption v-for="one in found" :key="one.id" :value="one.id" :label="one.label" />
  </ElSelect>
</template>
