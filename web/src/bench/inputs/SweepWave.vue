<script setup lang="ts">
import { inWords } from '@/shared/words'

/** The sweep as the hand feels it: fluid stroked out to one side, and the wave in which it comes back. */
defineProps<{ value: string | undefined; words: string[]; label: string }>()
const emit = defineEmits<{ pick: [word: string] }>()

const WAVES: Record<string, { path: string; says: string }> = {
  none: { path: 'M2 26H62', says: 'nothing comes' },
  trace: { path: 'M2 26H34Q42 20 50 26H62', says: 'a ripple' },
  bulge: { path: 'M2 26H28C36 26 36 12 44 12S52 26 62 26', says: 'a clear bulge' },
  refills: { path: 'M2 26H14C22 26 24 8 34 8S50 8 62 8M34 2L27 8L34 14', says: 'fills by itself' },
  cannot_empty: { path: 'M2 8C18 2 46 2 62 8M2 26H62M14 12V22M32 10V22M50 12V22', says: 'it stays full' },
}
</script>

<template>
  <div class="sweep" role="group" :aria-label="label">
    <button
      v-for="word in words"
      :key="word"
      type="button"
      class="choice"
      :aria-pressed="value === word"
      @click="emit('pick', word)"
    >
      <svg viewBox="0 0 64 30" aria-hidden="true">
        <path
          :d="WAVES[word]?.path"
          fill="none"
          stroke="currentColor"
          stroke-width="2.4"
          stroke-linecap="round"
          stroke-linejoin="round"
        />
      </svg>
      <span>
        <b>{{ inWords(word) }}</b>
        <small v-if="WAVES[word]">{{ WAVES[word].says }}</small>
      </span>
    </button>
  </div>
</template>

<style scoped>
.sweep {
  display: grid;
  gap: 4px;
}
.choice {
  display: grid;
  grid-template-columns: 84px 1fr;
  gap: 10px;
  align-items: center;
  text-align: left;
  min-height: 54px;
}
svg {
  width: 80px;
  color: var(--text-2);
}
.choice[aria-pressed='true'] svg {
  color: var(--mine);
}
b {
  font-weight: 600;
}
b + small {
  margin-left: 8px;
}
small {
  color: var(--text-3);
}
</style>
