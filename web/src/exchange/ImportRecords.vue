<script setup lang="ts">
import { t } from '@/messages/exchange'
import UiButton from '@/ui/UiButton.vue'

/** The way to the import of records from elsewhere. */
</script>

<template>
  <section aria-labelledby="import-records">
    <h2 id="import-records">{{ t('recordImport.importRecords') }}</h2>
    <p class="quiet-text">{{ t('recordImport.say') }}</p>
    <p>
      <UiButton :to="{ name: 'import-records' }">{{ t('recordImport.import') }}</UiButton>
    </p>
  </section>
</template>

<style scoped>
section {
  display: grid;
  gap: 12px;
}
</style>
