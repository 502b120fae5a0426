<script setup lang="ts">
import { useEventListener } from '@vueuse/core'
import { ref } from 'vue'
import UiButton from '@/ui/UiButton.vue'
import UiDialog from '@/ui/UiDialog.vue'
import { BENCH_KEYS, type KeyAction } from './keys'
import { useKeys } from './useKeys'

/** What each key does, and how to give it another one: a foot switch sends a key like any other. */
const emit = defineEmits<{ close: [] }>()
const keys = useKeys()
const setting = ref(false)
/** The action that waits for its key to be pressed. */
const waiting = ref<KeyAction | null>(null)
const said = ref('')

function wait(action: KeyAction): void {
  waiting.value = action
  said.value = 'Press the key, or the foot switch. Escape leaves it as it was.'
}

// Before the dialog and the focused button hear of it.
useEventListener(
  window,
  'keydown',
  (event: KeyboardEvent) => {
    if (waiting.value === null || ['Shift', 'Control', 'Alt', 'Meta'].includes(event.key)) return
    event.preventDefault()
    event.stopPropagation()
    said.value = event.key === 'Escape' ? 'Left as it was.' : keys.set(waiting.value, event.key) || 'Set.'
    waiting.value = null
  },
  { capture: true },
)
</script>

<template>
  <UiDialog title="Keys" @close="emit('close')">
    <dl>
      <div v-for="{ action, says } in BENCH_KEYS" :key="action" :class="{ waiting: waiting === action }">
        <dt>
          <kbd>{{ keys.spoken(action) }}</kbd>
        </dt>
        <dd>
          {{ says }}
          <UiButton v-if="setting" :aria-label="`Set the key for: ${says}`" @click="wait(action)">Set</UiButton>
        </dd>
      </div>
      <div>
        <dt><kbd>0 – 9</kbd></dt>
        <dd>a figure on the focused rule; it is taken by Enter, or when the rule is left</dd>
      </div>
      <div>
        <dt><kbd>↑ ↓</kbd></dt>
        <dd>
          next and previous manoeuvre where no control has the focus; on a rule, its figure; among answers, the focus
        </dd>
      </div>
      <div>
        <dt><kbd>Esc</kbd></dt>
        <dd>close</dd>
      </div>
    </dl>
    <p role="status">{{ said }}</p>
    <p class="actions">
      <UiButton v-if="!setting" @click="setting = true">Set keys, or a foot switch</UiButton>
      <UiButton v-if="keys.isOwn.value" @click="keys.reset">All as they came</UiButton>
    </p>
  </UiDialog>
</template>

<style scoped>
dl {
  columns: 2;
  column-gap: 26px;
}
dl > div {
  display: grid;
  grid-template-columns: 50px 1fr;
  gap: 8px;
  align-items: baseline;
  break-inside: avoid;
  padding: 2px 0;
}
dd .button {
  min-height: 28px;
  padding: 0 8px;
}
@media (pointer: coarse) {
  dd .button {
    min-height: var(--touch);
  }
}
dd {
  display: flex;
  justify-content: space-between;
  align-items: baseline;
  gap: 6px;
}
.waiting {
  background: var(--mine-soft);
  box-shadow: inset 0 0 0 1px var(--mine);
}
p {
  min-height: 1.4em;
  margin-top: 8px;
}
.actions {
  display: flex;
  gap: 10px;
}
@media (--phone) {
  dl {
    columns: 1;
  }
}
</style>
