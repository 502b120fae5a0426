<script setup lang="ts">
import { useClipboard } from '@vueuse/core'

/** Words to take along: read here, or copied into a letter or another record. */
defineProps<{ heading: string; text: string; lines?: boolean }>()
const { copy, copied } = useClipboard({ copiedDuring: 2500, legacy: true })
</script>

<template>
  <section class="copy" :aria-label="heading">
    <header><h2>{{ heading }}</h2><button type="button" class="button quiet" :aria-label="`Copy: ${heading}`" @click="copy(text)">{{ copied ? 'Copied' : 'Copy' }}</button></header>
    <p :class="{ lines }">{{ text }}</p>
    <span class="unseen" role="status">{{ copied ? `${heading} copied` : '' }}</span>
  </section>
</template>

<style scoped>
header { display: flex; justify-content: space-between; align-items: center; }
.button { padding: 0 8px; color: var(--mine); }
.lines { white-space: pre-line; font-size: 0.93rem; }
@media print { .button { display: none; } }
</style>
