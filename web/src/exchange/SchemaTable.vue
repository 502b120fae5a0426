<script setup lang="ts">
import { t } from '@/messages/exchange'

/** The keys of a request or an answer, one to a line. */
defineProps<{ fields: readonly { name: string; type: string; description: string }[] }>()
</script>

<template>
  <table v-if="fields.length > 0" class="figures" data-for-programmers>
    <thead>
      <tr>
        <th scope="col">{{ t('contractPage.key') }}</th>
        <th scope="col">{{ t('contractPage.type') }}</th>
        <th scope="col">{{ t('contractPage.meaning') }}</th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="field in fields" :key="field.name">
        <th scope="row">
          <code>{{ field.name }}</code>
        </th>
        <td>
          <code>{{ field.type }}</code>
        </td>
        <td>{{ field.description }}</td>
      </tr>
    </tbody>
  </table>
</template>

<style scoped>
code {
  font: inherit;
}
td,
th {
  overflow-wrap: break-word;
  vertical-align: top;
}
@media (--phone) {
  td,
  th {
    display: block;
    padding: 2px 0;
    border: 0;
  }
  tr {
    display: block;
    padding: 6px 0;
    border-top: 1px solid var(--line);
  }
  thead {
    display: none;
  }
}
</style>
