<script setup lang="ts">
import { ElDialog } from 'element-plus/es/components/dialog/index.mjs'
import 'element-plus/es/components/dialog/style/css'
import { onMounted, ref, useTemplateRef } from 'vue'
import UiActions from './UiActions.vue'
import UiButton from './UiButton.vue'
import { untellHeader, useOverlay } from './overlays'
import { t } from '@/messages/ui'

/** One question over the screen; it is there for as long as its component is. */
defineProps<{
  title: string
  /** For what lies side by side. */
  wide?: boolean
}>()
const emit = defineEmits<{ close: [] }>()
const shown = ref(true)

useOverlay(shown)

/** The library tells only once it has faded that it was closed: by then a fast hand has pressed the next key. */
function hide(): void {
  shown.value = false
}
onMounted(untellHeader)

const WRITTEN_IN = 'textarea, input:not([type]), input[type=text], input[type=email], input[type=password]'
const body = useTemplateRef<HTMLElement>('body')

/**
 * Where there are keys, what begins with a line to write is written into at once; a finger looks first. The library
 * goes to the dialog as a whole after telling that it is open, so this waits a frame.
 */
function beginWriting(): void {
  requestAnimationFrame(() => {
    const first = body.value?.querySelector<HTMLElement>('input, textarea, select, button')
    if (first?.matches(WRITTEN_IN) && !matchMedia('(pointer: coarse)').matches) first.focus()
  })
}
</script>

<template>
  <ElDialog
    v-model="shown"
    :width="`min(${wide ? 920 : 560}px, calc(100vw - 24px))`"
    :show-close="false"
    :title="title"
    append-to-body
    header-class="untold"
    align-center
    :before-close="hide"
    @opened="untellHeader"
    @open="untellHeader"
    @open-auto-focus="beginWriting"
    @closed="emit('close')"
  >
    <template #header="{ titleId }">
      <div class="top">
        <h2 :id="titleId">{{ title }}</h2>
        <UiButton kind="quiet" :aria-label="t('uiDialog.close')" @click="hide">✕</UiButton>
      </div>
    </template>
    <div ref="body" class="body">
      <slot :close="hide" />
      <UiActions v-if="$slots.actions" class="actions"><slot name="actions" :close="hide" /></UiActions>
    </div>
  </ElDialog>
</template>

<style scoped>
.top {
  display: flex;
  justify-content: space-between;
  align-items: center;
  padding: 14px 12px 4px 22px;
}
h2 {
  font-size: var(--type-head);
  color: var(--ink);
}
.body {
  max-height: calc(100dvh - 120px);
  padding: 8px 22px 20px;
  overflow: auto;
  font-size: var(--type-base);
  line-height: 1.4;
  color: var(--ink);
}
.actions {
  margin-top: 18px;
}
</style>
