<script setup lang="ts">
import { computed } from 'vue'
import { type Contract, type Operation, fieldsOf, nameOf } from './contract'
import OperationTry from './OperationTry.vue'
import SchemaTable from './SchemaTable.vue'
import { t } from '@/messages/exchange'

/** One operation of the contract: what it takes, what it answers, and a way to try it. */
const props = defineProps<{ contract: Contract; operation: Operation }>()

const takes = computed(() => props.operation.takes && fieldsOf(props.contract, props.operation.takes))
const token = computed(() =>
  props.operation.ability === null
    ? t('contractPage.noToken')
    : t('contractPage.token', { ability: props.operation.ability }),
)
/** What is told where it went well; a refusal is always of the same form. */
const good = computed(() => props.operation.answers.find(({ schema, status }) => schema && status < '300'))
</script>

<template>
  <article>
    <h2>{{ operation.summary }}</h2>
    <p class="number address">
      <b>{{ operation.method }}</b>
      {{ operation.path }}
    </p>
    <p v-if="operation.description" class="quiet-text">{{ operation.description }}</p>
    <p class="quiet-text">{{ token }}</p>
    <OperationTry :key="operation.key" :operation="operation" />
    <template v-if="takes && takes.length > 0">
      <h3>{{ t('contractPage.takes', { name: operation.takes && nameOf(operation.takes) }) }}</h3>
      <SchemaTable :fields="takes" />
    </template>
    <template v-if="good?.schema">
      <h3>{{ t('contractPage.answers', { name: nameOf(good.schema) }) }}</h3>
      <SchemaTable :fields="fieldsOf(contract, good.schema)" />
    </template>
    <h3>{{ t('contractPage.statuses') }}</h3>
    <dl>
      <template v-for="one in operation.answers" :key="one.status">
        <dt class="number">{{ one.status }}</dt>
        <dd>{{ one.description }}</dd>
      </template>
    </dl>
  </article>
</template>

<style scoped>
article {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 12px;
  align-content: start;
  min-width: 0;
}
.address {
  overflow-wrap: anywhere;
}
dl {
  display: grid;
  grid-template-columns: 4em 1fr;
  gap: 4px 10px;
  margin: 0;
}
dd {
  margin: 0;
}
</style>
