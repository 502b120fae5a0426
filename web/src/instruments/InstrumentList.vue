<script setup lang="ts">
import { t } from '@/messages/instruments'
import InstrumentLine from './InstrumentLine.vue'
import { instrumentAddresses } from './addresses'

/** The instruments that the operator of the server allows, and whether each answers here. */
const addresses = instrumentAddresses()
</script>

<template>
  <section aria-labelledby="instruments">
    <h2 id="instruments">{{ t('instrumentList.instruments') }}</h2>
    <p class="quiet-text">
      {{ addresses.length === 0 ? t('instrumentList.none') : t('instrumentList.where') }}
    </p>
    <ul>
      <InstrumentLine v-for="address in addresses" :key="address" :address="address" />
    </ul>
  </section>
</template>

<style scoped>
section {
  display: grid;
  gap: 8px;
}
ul {
  margin: 0;
  padding: 0;
  list-style: none;
}
</style>
