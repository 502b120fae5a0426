<script setup lang="ts">
import { computed } from 'vue'
import { t } from '@/messages/frame'
import type { SaveState } from '@/sync'

const props = defineProps<{ state: SaveState }>()
const WORDS: Record<SaveState, string> = {
  saved: t('saveState.saved'),
  saving: t('saveState.saving'),
  offline: t('saveState.offlineWorkingFromThisDevice'),
  kept: t('saveState.keptOnThisDeviceWillSend'),
  unkept: t('saveState.notKeptOnThisDeviceLeave'),
  login: t('saveState.keptOnThisDeviceToSend'),
  refused: t('saveState.notEverythingIsSaved'),
}
const words = computed(() => WORDS[props.state])
</script>

<template>
  <span class="save" :class="state" role="status" :aria-label="t('saveState.saveStatus')">
    <svg viewBox="0 0 14 14" width="14" height="14" aria-hidden="true">
      <path v-if="state === 'saved'" d="M2 7.5 5.5 11 12 3.5" fill="none" stroke="currentColor" stroke-width="2" />
      <circle
        v-else-if="state === 'saving'"
        cx="7"
        cy="7"
        r="4.5"
        fill="none"
        stroke="currentColor"
        stroke-width="2"
        stroke-dasharray="18 8"
      />
      <path v-else d="M2 3h10v8H2z M5 3v3h4V3" fill="none" stroke="currentColor" stroke-width="1.8" />
    </svg>
    {{ words }}
    <RouterLink v-if="state === 'login'" class="again" :to="{ name: 'login', query: { to: $route.fullPath } }">
      {{ t('saveState.logIn') }}
    </RouterLink>
  </span>
</template>

<style scoped>
.save {
  display: inline-flex;
  align-items: center;
  gap: 6px;
  min-width: 66px;
  color: var(--text-3);
  font-size: var(--type-small);
  white-space: nowrap;
}
.again {
  display: inline-flex;
  align-items: center;
  min-height: 44px;
  color: var(--ink);
}
.save.kept,
.save.offline,
.save.login,
.save.refused {
  color: var(--ink);
  font-weight: 650;
}
</style>
