<script setup lang="ts">
/** What one may do at the end of a question: the way out first, the main button last, on the right. */
</script>

<template>
  <p class="actions"><slot /></p>
</template>

<style scoped>
.actions {
  grid-column: 1 / -1;
  display: flex;
  flex-wrap: wrap;
  justify-content: end;
  gap: 10px;
}
</style>
