<script setup lang="ts">
import { useRegisterSW } from 'virtual:pwa-register/vue'
import { t } from '@/messages/frame'
import UiButton from '@/ui/UiButton.vue'

/** Keeps the application on the device, and offers a newer one without taking it by itself. */
const HOUR_MS = 3_600_000
const { needRefresh, updateServiceWorker } = useRegisterSW({
  onRegisteredSW: (_, registration) => {
    if (registration) setInterval(() => void registration.update().catch(() => undefined), HOUR_MS)
  },
})
</script>

<template>
  <aside v-if="needRefresh" class="newer" role="status">
    {{ t('newVersion.aNewerVersionIsReadyWhat') }}
    <UiButton @click="updateServiceWorker(true)">{{ t('newVersion.updateNow') }}</UiButton>
    <UiButton kind="quiet" @click="needRefresh = false">{{ t('newVersion.later') }}</UiButton>
  </aside>
</template>

<style scoped>
.newer {
  position: fixed;
  z-index: 2900;
  right: 14px;
  top: 64px;
  display: flex;
  align-items: center;
  gap: 10px;
  padding: 8px 14px;
  background: var(--card);
  border: 1px solid var(--ink);
  border-radius: var(--radius);
}
</style>
