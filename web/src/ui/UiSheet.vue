<script setup lang="ts">
import { ElDrawer } from 'element-plus/es/components/drawer/index.mjs'
import 'element-plus/es/components/drawer/style/css'
import UiButton from './UiButton.vue'
import { t } from '@/messages/ui'
import { useScreen } from '@/shared/screen'
import { untellHeader } from './overlays'

/** What has no room beside the rest slides over it; a phone gives it the whole width. */
defineProps<{ title: string; side: 'left' | 'right' }>()
const shown = defineModel<boolean>({ required: true })
const phone = useScreen('phone')
</script>

<template>
  <ElDrawer
    v-model="shown"
    :direction="side === 'right' ? 'rtl' : 'ltr'"
    :size="phone ? '100%' : '420px'"
    :title="title"
    :show-close="false"
    append-to-body
    header-class="untold"
    body-class="sheet"
    @opened="untellHeader"
    @open="untellHeader"
  >
    <template #header="{ titleId }">
      <div class="top">
        <h2 :id="titleId">{{ title }}</h2>
        <UiButton kind="quiet" :aria-label="t('uiSheet.close')" @click="shown = false">✕</UiButton>
      </div>
    </template>
    <slot />
  </ElDrawer>
</template>

<style scoped>
.top {
  display: flex;
  flex: 1;
  justify-content: space-between;
  align-items: center;
  padding: 6px 6px 6px 18px;
  border-bottom: 1px solid var(--line);
}
h2 {
  font-size: var(--type-lead);
  color: var(--ink);
}
</style>
