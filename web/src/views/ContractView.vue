<script setup lang="ts">
import { computed, onMounted, ref, shallowRef } from 'vue'
import { type Contract, operationsOf } from '@/exchange/contract'
import OperationDetails from '@/exchange/OperationDetails.vue'
import SubjectPage from '@/frame/SubjectPage.vue'
import { t } from '@/messages/views'
import { useDoing } from '@/shared/useDoing'
import UiAlert from '@/ui/UiAlert.vue'
import UiButton from '@/ui/UiButton.vue'
import UiWaiting from '@/ui/UiWaiting.vue'

/** The contract of the interface for programs, to read and to try. */
const contract = shallowRef<Contract | null>(null)
const picked = ref('')
const words = ref('')
const { problem, attempt } = useDoing()

const operations = computed(() => (contract.value ? operationsOf(contract.value) : []))
const found = computed(() => {
  const sought = words.value.trim().toLowerCase()
  return operations.value.filter(({ summary, path }) => `${summary} ${path}`.toLowerCase().includes(sought))
})
const groups = computed(() =>
  (contract.value?.tags ?? [])
    .map(({ name }) => ({ name, operations: found.value.filter(({ tag }) => tag === name) }))
    .filter((group) => group.operations.length > 0),
)
const shown = computed(() => operations.value.find(({ key }) => key === picked.value) ?? operations.value[0])

async function load(): Promise<void> {
  await attempt(async () => {
    contract.value = (await (await fetch('/api/openapi.json')).json()) as Contract
  })
}

onMounted(load)
</script>

<template>
  <SubjectPage :title="t('contractView.title')">
    <UiAlert v-if="problem" :say="problem">
      <UiButton @click="load">{{ t('contractView.tryAgain') }}</UiButton>
    </UiAlert>
    <UiWaiting v-else-if="!contract" :label="t('contractView.loading')" />
    <div v-else class="columns">
      <nav :aria-label="t('contractView.operations')">
        <label class="field">
          <span>{{ t('contractView.search') }}</span>
          <input v-model="words" type="search" autocomplete="off" />
        </label>
        <p v-if="groups.length === 0" class="quiet-text">{{ t('contractView.none') }}</p>
        <section v-for="group in groups" :key="group.name">
          <h2>{{ group.name }}</h2>
          <ul>
            <li v-for="one in group.operations" :key="one.key">
              <button type="button" :aria-current="one.key === shown?.key" @click="picked = one.key">
                <small class="number">{{ one.method }}</small>
                {{ one.summary }}
              </button>
            </li>
          </ul>
        </section>
      </nav>
      <OperationDetails v-if="shown" :contract="contract" :operation="shown" />
    </div>
  </SubjectPage>
</template>

<style scoped>
.columns {
  display: grid;
  grid-template-columns: minmax(240px, 1fr) minmax(0, 2fr);
  gap: 24px clamp(22px, 5vw, 64px);
  align-items: start;
}
nav {
  position: sticky;
  top: 12px;
  display: grid;
  gap: 14px;
  max-height: calc(100vh - 150px);
  overflow-y: auto;
}
ul {
  margin: 0;
  padding: 0;
  list-style: none;
}
li button {
  display: grid;
  grid-template-columns: 4em 1fr;
  gap: 8px;
  width: 100%;
  min-height: 36px;
  padding: 6px 8px;
  border: 0;
  background: none;
  font: inherit;
  text-align: left;
}
li button[aria-current='true'] {
  background: var(--mine-soft);
}
@media (pointer: coarse) {
  li button {
    min-height: var(--touch);
  }
}
@media (--tablet) {
  .columns {
    grid-template-columns: 1fr;
  }
  nav {
    position: static;
    max-height: 40vh;
  }
}
</style>
