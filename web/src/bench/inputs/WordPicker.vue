<script setup lang="ts">
import { computed } from 'vue'
import { inWords } from '@/stores/words'
import UiChoice from '@/ui/UiChoice.vue'
import UiChoices from '@/ui/UiChoices.vue'

/** One word of several, or with `many` any of them. */
const props = defineProps<{ value: string | string[] | undefined; words: string[]; label: string; many?: boolean }>()
const emit = defineEmits<{ pick: [word: string] }>()
const options = computed(() => props.words.map((word) => ({ id: word, label: inWords(word) })))
</script>

<template>
  <UiChoices
    v-if="many"
    :label="label"
    :value="Array.isArray(value) ? value : []"
    :options="options"
    @pick="(word) => emit('pick', word)"
  />
  <UiChoice
    v-else
    :label="label"
    :value="Array.isArray(value) ? undefined : value"
    :options="options"
    @pick="(word) => emit('pick', word)"
  />
</template>
