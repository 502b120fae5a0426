<script setup lang="ts">
import type { Checks, RecordPayload } from '@/contract/types'
import { t } from '@/messages/bench'
import { inWords } from '@/stores/words'

/** What makes a result trustworthy: yes, no, or not said; a second tap takes an answer back. */
const props = defineProps<{ checks: string[]; payload: RecordPayload }>()
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
      <button type="button" class="yes" :aria-pressed="answers()[check] === true" @click="set(check, true)">
        <span class="what">{{ inWords(check) }}</span>
        <span class="answer">{{ t('checkList.yes') }}</span>
      </button>
      <button
        type="button"
        class="no"
        :aria-pressed="answers()[check] === false"
        :aria-label="t('checkList.no', { check: inWords(check) })"
        @click="set(check, false)"
      >
        <span class="answer">{{ t('checkList.no2') }}</span>
      </button>
    </div>
  </div>
</template>

<style scoped>
.check {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 52px;
  border-top: 1px solid var(--line);
}
button {
  display: flex;
  align-items: center;
  min-height: 28px;
  padding: 2px 0;
  font-family: inherit;
  border: 0;
  background: none;
  color: var(--text-2);
  font-size: var(--type-small);
  line-height: 1.15;
  text-align: left;
  cursor: pointer;
}
.what {
  flex: 1;
}
.answer {
  width: 48px;
  padding: 2px 0;
  border: 1px solid var(--line-2);
  border-radius: var(--radius);
  text-align: center;
}
.no {
  justify-content: flex-end;
}
.yes[aria-pressed='true'] {
  color: var(--ink);
}
.yes[aria-pressed='true'] .answer {
  color: var(--card);
  background: var(--mine);
  border-color: var(--mine);
}
.no[aria-pressed='true'] .answer {
  color: var(--ink);
  border-color: var(--ink);
  background: linear-gradient(135deg, var(--ink) 9px, var(--mine-soft) 9.5px);
}
@media (hover: none) {
  button {
    min-height: 44px;
  }
  .answer {
    padding: 8px 0;
  }
}
</style>
