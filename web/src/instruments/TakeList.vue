<script setup lang="ts">
import { t } from '@/messages/instruments'
import UiButton from '@/ui/UiButton.vue'
import { type Take, flawOf } from './measured'
import { FORCES } from './pulls'

/** The pulls or efforts of one knee so far, each of which can be discarded. */
defineProps<{ takes: readonly Take[] }>()
const emit = defineEmits<{ discard: [index: number] }>()

const FLAWS = { guarded: t('flaw.guarded'), gaps: t('flaw.gaps'), short: t('flaw.short') } as const

/** By the highest force that it reached. */
function told(take: Take): string {
  if (take.kind === 'effort') return t('takeList.effort', { newtons: Math.round(take.effort.peak) })
  const force = FORCES.findLast((one) => take.pull.at[one] !== undefined)
  return force === undefined
    ? t('takeList.tooWeak')
    : t('takeList.pull', { mm: (take.pull.at[force] ?? 0).toFixed(1), newtons: force })
}
</script>

<template>
  <ol v-if="takes.length > 0">
    <li v-for="(take, index) in takes" :key="index" :class="{ out: flawOf(take) !== null }">
      <span>
        <b class="number">{{ told(take) }}</b>
        <small v-if="flawOf(take)">{{ FLAWS[flawOf(take)!] }}</small>
      </span>
      <UiButton kind="quiet" @click="emit('discard', index)">
        {{ t('takeList.discard', { number: index + 1 }) }}
      </UiButton>
    </li>
  </ol>
</template>

<style scoped>
ol {
  margin: 0;
  padding: 0;
  list-style: none;
}
li {
  display: flex;
  align-items: center;
  justify-content: space-between;
  gap: 10px;
  border-top: 1px solid var(--line);
}
.out b {
  text-decoration: line-through;
  color: var(--text-3);
}
small {
  margin-left: 8px;
  color: var(--text-2);
}
</style>
