<script setup lang="ts">
import { told } from './telling'

/** The one place, and the one live region, of the whole application for what it tells. */
</script>

<template>
  <p class="told" role="status">{{ told }}</p>
</template>

<style scoped>
.told {
  position: fixed;
  z-index: 3000;
  left: 50%;
  bottom: 84px;
  max-width: calc(100vw - 24px);
  transform: translateX(-50%);
  padding: 10px 16px;
  color: var(--on-band);
  background: var(--band);
  border-radius: var(--radius);
}
.told:empty {
  display: none;
}
</style>
