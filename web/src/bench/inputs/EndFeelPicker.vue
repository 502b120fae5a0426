<script setup lang="ts">
defineProps<{ value: string | undefined; words: string[] }>()
const emit = defineEmits<{ pick: [word: string] }>()

/** How a movement stops, drawn as travel along a line, and its key. */
const FEELS: Record<string, { path: string; key: string }> = {
  firm: { path: 'M2 18H22L38 5', key: 'F' },
  soft: { path: 'M2 18C16 18 26 16 38 10', key: 'S' },
  absent: { path: 'M2 18H38', key: 'A' },
  hard: { path: 'M2 18H24V3', key: 'H' },
  springy: { path: 'M2 18H18L22 8L26 18L30 6L34 14L38 8', key: 'P' },
}
</script>

<template>
  <div class="feels" role="group" aria-label="End feel">
    <button
      v-for="word in words"
      :key="word"
      type="button"
      class="choice"
      :aria-pressed="value === word"
      @click="emit('pick', word)"
    >
      <svg viewBox="0 0 40 22" aria-hidden="true">
        <path :d="FEELS[word]?.path" fill="none" stroke="currentColor" stroke-width="2.4" stroke-linejoin="round" />
      </svg>
      <span>{{ word }}</span>
    </button>
  </div>
</template>

<style scoped>
.feels {
  display: grid;
  grid-template-columns: repeat(5, 1fr);
  gap: 4px;
}
.choice {
  display: grid;
  justify-items: center;
  min-height: 50px;
  padding: 3px 0;
  font-size: 0.87rem;
}
svg {
  width: 38px;
}
</style>
