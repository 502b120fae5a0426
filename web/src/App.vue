<script setup lang="ts">
import { RouterView } from 'vue-router'
import NewVersion from './shared/NewVersion.vue'
import OutOfReach from './shared/OutOfReach.vue'
import { useLook } from './shared/look'
import { useSession } from './stores/session'
import UiTold from './ui/UiTold.vue'

const session = useSession()
useLook()
</script>

<template>
  <RouterView v-if="session.known" />
  <OutOfReach v-else />
  <NewVersion />
  <UiTold />
</template>
