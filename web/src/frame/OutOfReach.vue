<script setup lang="ts">
import { defineAsyncComponent, ref } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import CompassRose from './CompassRose.vue'
import { t } from '@/messages/frame'
import { useSession } from '@/stores/session'
import { isWrapped, useRetry } from '@/sync'
import UiButton from '@/ui/UiButton.vue'

const OpenOffline = defineAsyncComponent(() => import('./OpenOffline.vue'))

/** The application opened, but neither the server nor this tab knows who is there. */
const session = useSession()
const router = useRouter()
const route = useRoute()
const busy = ref(false)
/** A password opens this device. */
const canOpen = ref(false)
/** Only after a first try has failed: until then the page is still on its way. */
const failed = ref(false)
const retry = useRetry({ attempt: () => void look() })

async function look(): Promise<void> {
  busy.value = true
  try {
    await session.look()
    if (!session.user && !route.meta.open) await router.replace({ name: 'login', query: { to: route.fullPath } })
  } catch {
    canOpen.value = await isWrapped()
    failed.value = true
    retry.later()
  } finally {
    busy.value = false
  }
}

void router.isReady().then(() => (session.known ? undefined : look()))
</script>

<template>
  <main v-if="failed" class="away">
    <CompassRose class="rose" />
    <h1>{{ t('outOfReach.theServerCannotBeReached') }}</h1>
    <p>{{ canOpen ? t('outOfReach.openThisDevice') : t('outOfReach.aNewTabNeedsTheServer') }}</p>
    <OpenOffline v-if="canOpen" />
    <UiButton :kind="canOpen ? 'plain' : 'main'" :disabled="busy" @click="look">
      {{ t('outOfReach.tryAgain') }}
    </UiButton>
  </main>
</template>

<style scoped>
.away {
  display: grid;
  gap: 14px;
  justify-items: start;
  max-width: 62ch;
  padding: clamp(24px, 8vw, 90px);
}
.rose {
  width: 72px;
}
</style>
