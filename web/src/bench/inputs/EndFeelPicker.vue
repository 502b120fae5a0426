<script setup lang="ts">
import { computed } from 'vue'
import { t } from '@/messages/bench'
import UiChoice from '@/ui/UiChoice.vue'

const props = defineProps<{ value: string | undefined; words: string[] }>()
const emit = defineEmits<{ pick: [word: string] }>()

const options = computed(() => props.words.map((word) => ({ id: word, label: word })))

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
  <UiChoice
    class="feels"
    :label="t('endFeelPicker.endFeel')"
    :value="value"
    :options="options"
    @pick="(word) => emit('pick', word)"
  >
    <template #option="{ option }">
      <span class="feel">
        <svg viewBox="0 0 40 22" aria-hidden="true">
          <path
            :d="FEELS[option.id]?.path"
            fill="none"
            stroke="currentColor"
            stroke-width="2.4"
            stroke-linejoin="round"
          />
        </svg>
        <span>{{ option.label }}</span>
      </span>
    </template>
  </UiChoice>
</template>

<style scoped>
.feels {
  display: grid !important;
  grid-template-columns: repeat(5, 1fr);
  gap: 4px !important;
}
.feels :deep(.el-radio-button__inner) {
  min-height: 46px;
  padding: 2px 0;
  font-size: var(--type-small);
}
.feel {
  display: grid;
  justify-items: center;
}
svg {
  width: 38px;
}
</style>
