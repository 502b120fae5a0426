<script setup lang="ts">
import UiDialog from '@/ui/UiDialog.vue'

const emit = defineEmits<{ close: [] }>()

const KEYS: [string, string][] = [
  ['N', 'both knees normal, and on'],
  ['1 – 4', 'band: same, slightly, clearly, grossly more'],
  ['F S A H P', 'end feel: firm, soft, absent, hard, springy'],
  ['C', 'all checks passed'],
  ['[  ]', 'other knee, hurt knee'],
  ['0 – 9, Enter', 'a figure on the focused rule'],
  ['← →', 'one less, one more on the focused rule'],
  ['↑ ↓', 'manoeuvre before, after'],
  ['Page up, down', 'station before, after'],
  ['W', 'weigh-up of what this manoeuvre tests'],
  ['/', 'go to a manoeuvre by name'],
  ['M', 'what follows is entered from memory'],
  ['U', 'undo'],
  ['Esc', 'close'],
]
</script>

<template>
  <UiDialog title="Keys" @close="emit('close')">
    <dl>
      <template v-for="[key, what] in KEYS" :key="key">
        <dt>
          <kbd>{{ key }}</kbd>
        </dt>
        <dd>{{ what }}</dd>
      </template>
    </dl>
  </UiDialog>
</template>

<style scoped>
dl {
  display: grid;
  grid-template-columns: auto 1fr;
  gap: 8px 18px;
  align-items: baseline;
}
</style>
