<script setup lang="ts">
/** What would come of something, in figures, and the button that does it; in sight however long the list below is. */
</script>

<template>
  <div class="verdict">
    <p><slot /></p>
    <slot name="action" />
  </div>
</template>

<style scoped>
.verdict {
  position: sticky;
  top: 0;
  z-index: 1;
  display: flex;
  justify-content: space-between;
  align-items: center;
  gap: 16px;
  padding: 10px 0;
  background: var(--paper);
  border-bottom: 1px solid var(--ink);
}
</style>
