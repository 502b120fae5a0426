<script setup lang="ts">
import { RouterView } from 'vue-router'
import { useLook } from './shared/look'

useLook()
</script>

<template>
  <RouterView />
</template>
