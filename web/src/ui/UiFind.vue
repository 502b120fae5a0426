<script setup lang="ts">
import { ElAutocomplete } from 'element-plus/es/components/autocomplete/index.mjs'
import 'element-plus/es/components/autocomplete/style/css'
import { onMounted, ref, useTemplateRef } from 'vue'

/** Finds one of many by typing; arrow keys and Enter choose. */
const props = defineProps<{ label: string; none: string; find: (words: string) => { value: string; id: string }[] }>()
const emit = defineEmits<{ pick: [id: string] }>()
const words = ref('')
const field = useTemplateRef<{ highlightedIndex: number; focus: () => void }>('field')

function suggest(typed: string, show: (found: { value: string; id: string }[]) => void): void {
  show(props.find(typed))
}

/** Enter takes the first one found, without an arrow key before it. */
function first(event: KeyboardEvent | Event): void {
  if ((field.value?.highlightedIndex ?? -1) >= 0) return
  const found = props.find(words.value)[0]
  if (!found) return
  event.preventDefault()
  emit('pick', found.id)
}

onMounted(() => field.value?.focus())
</script>

<template>
  <ElAutocomplete
    ref="field"
    v-model="words"
    :aria-label="label"
    :placeholder="label"
    :fetch-suggestions="suggest"
    :debounce="0"
    :teleported="false"
    :popper-options="{ strategy: 'fixed' }"
    @keydown.enter="first"
    @select="(one: Record<string, unknown>) => emit('pick', String(one.id))"
  />
  <p v-if="find(words).length === 0" class="quiet-text" role="status">{{ none }}</p>
</template>
