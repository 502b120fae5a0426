<script setup lang="ts">
import { defineAsyncComponent, ref } from 'vue'
import { useRouter } from 'vue-router'
import { t } from '@/messages/frame'
import { useExamination } from '@/stores/examination'
import { useSession } from '@/stores/session'
import { type Unsent, unsent } from '@/sync'
import UiButton from '@/ui/UiButton.vue'

/** Leaves; what still waits on this device is asked about first. */
defineOptions({ inheritAttrs: false })
const LogOutDialog = defineAsyncComponent(() => import('./LogOutDialog.vue'))

const session = useSession()
const router = useRouter()
const examination = useExamination()
const waiting = ref<Unsent[]>([])

async function logOut(): Promise<void> {
  waiting.value = await unsent()
  if (waiting.value.length === 0) await leave()
}

async function leave(): Promise<void> {
  waiting.value = []
  examination.close()
  await session.logOut()
  await router.push({ name: 'login' })
}

async function stay(): Promise<void> {
  waiting.value = []
  await router.push({ name: 'today' })
}
</script>

<template>
  <UiButton kind="quiet" v-bind="$attrs" @click="logOut">{{ t('logOutButton.logOut') }}</UiButton>
  <LogOutDialog v-if="waiting.length > 0" :unsent="waiting" @stay="stay" @leave="leave" />
</template>
