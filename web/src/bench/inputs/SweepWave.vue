<script setup lang="ts">
import { computed } from 'vue'
import { t } from '@/messages/bench'
import { inWords } from '@/stores/words'
import UiChoice from '@/ui/UiChoice.vue'

/** The sweep as the hand feels it: fluid stroked out to one side, and the wave in which it comes back. */
const props = defineProps<{ value: string | undefined; words: string[]; label: string }>()
const emit = defineEmits<{ pick: [word: string] }>()

const options = computed(() => props.words.map((word) => ({ id: word, label: inWords(word) })))

const WAVES: Record<string, { path: string; says: string }> = {
  none: { path: 'M2 26H62', says: t('sweepWave.nothingComes') },
  trace: { path: 'M2 26H34Q42 20 50 26H62', says: t('sweepWave.aRipple') },
  bulge: { path: 'M2 26H28C36 26 36 12 44 12S52 26 62 26', says: t('sweepWave.aClearBulge') },
  refills: { path: 'M2 26H14C22 26 24 8 34 8S50 8 62 8M34 2L27 8L34 14', says: t('sweepWave.fillsByItself') },
  cannot_empty: { path: 'M2 8C18 2 46 2 62 8M2 26H62M14 12V22M32 10V22M50 12V22', says: t('sweepWave.itStaysFull') },
}
</script>

<template>
  <UiChoice class="sweep" :label="label" :value="value" :options="options" @pick="(word) => emit('pick', word)">
    <template #option="{ option, chosen }">
      <span class="wave" :class="{ chosen }">
        <svg viewBox="0 0 64 30" aria-hidden="true">
          <path
            :d="WAVES[option.id]?.path"
            fill="none"
            stroke="currentColor"
            stroke-width="2.4"
            stroke-linecap="round"
            stroke-linejoin="round"
          />
        </svg>
        <span>
          <b>{{ option.label }}</b>
          <small v-if="WAVES[option.id]">{{ WAVES[option.id]?.says }}</small>
        </span>
      </span>
    </template>
  </UiChoice>
</template>

<style scoped>
.sweep {
  display: grid !important;
  gap: 4px !important;
}
.sweep :deep(.el-radio-button__inner) {
  min-height: 54px;
  text-align: left;
}
.wave {
  display: grid;
  grid-template-columns: 84px 1fr;
  gap: 10px;
  align-items: center;
  width: 100%;
}
svg {
  width: 80px;
  color: var(--text-2);
}
.chosen svg {
  color: var(--mine);
}
b {
  font-weight: 600;
}
b + small {
  margin-left: 8px;
}
small {
  font-weight: 400;
  color: var(--text-3);
}
</style>
