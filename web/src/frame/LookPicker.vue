<script setup lang="ts">
import { computed, defineAsyncComponent, ref } from 'vue'
import { t } from '@/messages/frame'
import { type Look, useLook } from '@/shared/look'

/** How the screen looks. What chooses it is heavy and seldom used, so it comes when a hand goes there. */
const UiSelect = defineAsyncComponent(() => import('@/ui/UiSelect.vue'))

const { chosen } = useLook()
const LOOKS: { id: Look; label: string }[] = [
  { id: 'auto', label: t('lookPicker.matchDevice') },
  { id: 'light', label: t('lookPicker.light') },
  { id: 'dark', label: t('lookPicker.dark') },
  { id: 'outdoor', label: t('lookPicker.outdoor') },
]
const wanted = ref(false)
const label = computed(() => LOOKS.find(({ id }) => id === chosen.value)?.label ?? '')
</script>

<template>
  <UiSelect
    v-if="wanted"
    class="look"
    :label="t('lookPicker.theme')"
    :value="chosen"
    :options="LOOKS"
    unseen-label
    opens
    @change="(look) => (chosen = look ?? 'auto')"
  />
  <button
    v-else
    class="look closed"
    type="button"
    role="combobox"
    aria-expanded="false"
    aria-haspopup="listbox"
    :aria-label="t('lookPicker.theme')"
    @click="wanted = true"
  >
    <span>{{ label }}</span>
    <span class="arrow" aria-hidden="true" />
  </button>
</template>

<style scoped>
.look {
  width: 148px;
  min-width: 0;
}
.look :deep(.el-select__wrapper) {
  background: transparent;
  box-shadow: none;
}
.closed {
  display: flex;
  justify-content: space-between;
  align-items: center;
  min-height: var(--touch);
  padding: 0 12px;
  font: inherit;
  font-size: var(--type-small);
  color: inherit;
  background: none;
  border: 0;
  cursor: pointer;
}
.closed span:first-child {
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}
.arrow {
  flex-shrink: 0;
  width: 7px;
  height: 7px;
  margin: -4px 2px 0 6px;
  border: solid currentcolor;
  border-width: 0 1px 1px 0;
  transform: rotate(45deg);
}
</style>
