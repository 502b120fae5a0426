<script setup lang="ts">
import type { Checks, FindingPayload } from '@/contract/types'
import { inWords } from '@/shared/words'

const props = defineProps<{ checks: string[]; payload: FindingPayload }>()
const emit = defineEmits<{ change: [checks: Checks | undefined] }>()

function answers(): Checks {
  return props.payload.checks ?? {}
}

function set(check: string, value: boolean): void {
  const next = { ...answers() }
  if (next[check] === value) delete next[check]
  else next[check] = value
  emit('change', Object.keys(next).length > 0 ? next : undefined)
}
</script>

<template>
  <div class="checks">
    <div v-for="check in checks" :key="check" class="check" role="group" :aria-label="inWords(check)">
      <button type="button" class="tick choice" :aria-pressed="answers()[check] === true" @click="set(check, true)">
        <svg viewBox="0 0 14 14" aria-hidden="true">
          <path
            v-if="answers()[check] === true"
            d="M2 7.5 5.5 11 12 3"
            fill="none"
            stroke="currentColor"
            stroke-width="2.4"
          />
        </svg>
        {{ inWords(check) }}
      </button>
      <button
        type="button"
        class="choice no"
        :aria-pressed="answers()[check] === false"
        :aria-label="`${inWords(check)}: no`"
        @click="set(check, false)"
      >
        no
      </button>
    </div>
  </div>
</template>

<style scoped>
.checks {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(134px, 1fr));
  gap: 4px;
}
.check {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 40px;
  min-width: 0;
}
.tick {
  min-width: 0;
  overflow-wrap: anywhere;
  display: flex;
  align-items: center;
  gap: 6px;
  text-align: left;
  border-color: var(--line);
  padding: 2px 6px;
  font-size: 0.87rem;
  line-height: 1.15;
  border-radius: var(--radius) 0 0 var(--radius);
}
.tick svg {
  width: 18px;
  height: 18px;
  padding: 2px;
  flex: none;
  border: 2px solid var(--line-2);
  border-radius: 3px;
}
.tick[aria-pressed='true'] svg {
  background: var(--mine);
  border-color: var(--mine);
  color: var(--card);
}
.no {
  padding: 0;
  margin-left: -1px;
  border-color: var(--line);
  border-radius: 0 var(--radius) var(--radius) 0;
  font-size: 0.87rem;
  color: var(--text-3);
}
.no[aria-pressed='true'] {
  color: var(--ink);
  background: linear-gradient(135deg, var(--ink) 9px, var(--mine-soft) 9.5px);
}
</style>
