<script setup lang="ts">
import { defineAsyncComponent } from 'vue'
import { RouterView } from 'vue-router'
import NewVersion from './frame/NewVersion.vue'
import OutOfReach from './frame/OutOfReach.vue'
import { useLook } from './shared/look'
import { useJudgeOnDevice } from './frame/useJudgeOnDevice'
import { passwordAsked } from './shared/usePassword'
import { useSession } from './stores/session'
import UiTold from './ui/UiTold.vue'

/** Asked for seldom, and never before the first screen is there. */
const PasswordDialog = defineAsyncComponent(() => import('./frame/PasswordDialog.vue'))

const session = useSession()
useLook()
useJudgeOnDevice()
</script>

<template>
  <RouterView v-if="session.known" />
  <OutOfReach v-else />
  <PasswordDialog v-if="passwordAsked" />
  <NewVersion />
  <UiTold />
</template>
