<script setup lang="ts">
import { inWords } from '@/shared/words'

const props = defineProps<{ value: string | string[] | undefined; words: string[]; label: string; many?: boolean }>()
const emit = defineEmits<{ pick: [word: string] }>()

function chosen(word: string): boolean {
  return Array.isArray(props.value) ? props.value.includes(word) : props.value === word
}
</script>

<template>
  <div class="words" role="group" :aria-label="label">
    <button
      v-for="word in words"
      :key="word"
      type="button"
      class="choice"
      :aria-pressed="chosen(word)"
      @click="emit('pick', word)"
    >
      {{ inWords(word) }}
    </button>
  </div>
</template>

<style scoped>
.words {
  display: flex;
  flex-wrap: wrap;
  gap: 5px;
}
.choice {
  flex: 1 1 auto;
}
</style>
