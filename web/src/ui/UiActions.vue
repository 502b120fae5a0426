<script setup lang="ts">
/** The buttons at the end of a dialog or a form: the way out first, the main one last, on the right. */
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
