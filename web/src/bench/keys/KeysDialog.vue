<script setup lang="ts">
import { useEventListener } from '@vueuse/core'
import { ref } from 'vue'
import { t } from '@/messages/bench'
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
  said.value = t('keysDialog.pressTheKeyOrTheFoot')
}

// Before the dialog and the focused button hear of it.
useEventListener(
  window,
  'keydown',
  (event: KeyboardEvent) => {
    if (waiting.value === null || ['Shift', 'Control', 'Alt', 'Meta'].includes(event.key)) return
    event.preventDefault()
    event.stopPropagation()
    said.value =
      event.key === 'Escape' ? t('keysDialog.notChanged') : keys.set(waiting.value, event.key) || t('keysDialog.set2')
    waiting.value = null
  },
  { capture: true },
)
</script>

<template>
  <UiDialog :title="t('keysDialog.keys')" @close="emit('close')">
    <dl>
      <div v-for="{ action, says } in BENCH_KEYS" :key="action" :class="{ waiting: waiting === action }">
        <dt>
          <kbd>{{ keys.spoken(action) }}</kbd>
        </dt>
        <dd>
          {{ says }}
          <UiButton v-if="setting" :aria-label="t('keysDialog.setTheKeyFor', { says })" @click="wait(action)">
            {{ t('keysDialog.set') }}
          </UiButton>
        </dd>
      </div>
      <div>
        <dt><kbd>0 – 9</kbd></dt>
        <dd>{{ t('keysDialog.aFigureOnTheFocusedRule') }}</dd>
      </div>
      <div>
        <dt><kbd>↑ ↓</kbd></dt>
        <dd>
          {{ t('keysDialog.nextAndPreviousManoeuvreWhereNo') }}
        </dd>
      </div>
      <div>
        <dt>
          <kbd>{{ t('keysDialog.esc') }}</kbd>
        </dt>
        <dd>{{ t('keysDialog.close') }}</dd>
      </div>
    </dl>
    <p role="status">{{ said }}</p>
    <p class="actions">
      <UiButton v-if="!setting" @click="setting = true">{{ t('keysDialog.setKeysOrAFootSwitch') }}</UiButton>
      <UiButton v-if="keys.isOwn.value" @click="keys.reset">{{ t('keysDialog.restoreDefaultKeys') }}</UiButton>
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
