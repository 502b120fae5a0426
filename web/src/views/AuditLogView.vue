<script setup lang="ts">
import { onMounted, reactive, ref } from 'vue'
import { answerOf, api } from '@/api/client'
import { exactMoment } from '@/shared/dates'
import type { AuditLog } from '@/contract/types'
import SubjectPage from '@/frame/SubjectPage.vue'
import UiAlert from '@/ui/UiAlert.vue'
import UiButton from '@/ui/UiButton.vue'
import UiEmpty from '@/ui/UiEmpty.vue'
import UiPages from '@/ui/UiPages.vue'
import UiSelect from '@/ui/UiSelect.vue'
import UiWaiting from '@/ui/UiWaiting.vue'

/** Who did what in the team; nobody can change a line of it, and looking at it stands in it too. */
const log = ref<AuditLog | null>(null)
const problem = ref('')
const asked = reactive<{ person?: string; event?: string; page: number }>({ page: 1 })

async function load(): Promise<void> {
  try {
    log.value = await answerOf(api.GET('/api/audit-log', { params: { query: { ...asked } } }))
    problem.value = ''
  } catch (error) {
    problem.value = error instanceof Error ? error.message : 'The list could not be loaded.'
  }
}

function ask(change: Partial<typeof asked>): void {
  Object.assign(asked, { page: 1 }, change)
  void load()
}

onMounted(load)
</script>

<template>
  <SubjectPage title="Log: who did what">
    <template #beside><UiButton href="/api/audit-log.csv" download>Table (CSV)</UiButton></template>
    <UiAlert v-if="problem" :say="problem" />
    <UiWaiting v-else-if="!log" label="Loading the list" />
    <template v-else>
      <div class="narrow">
        <UiSelect
          label="Person"
          none="everybody"
          :value="asked.person"
          :options="log.people.map(({ id, name }) => ({ id, label: name }))"
          @change="(person) => ask({ person })"
        />
        <UiSelect
          label="What"
          none="everything"
          :value="asked.event"
          :options="log.kinds"
          @change="(event) => ask({ event })"
        />
        <p class="count number quiet-text">{{ log.total }} {{ log.total === 1 ? 'entry' : 'entries' }}</p>
      </div>
      <UiEmpty v-if="log.entries.length === 0" say="Nothing was done that this asks for." />
      <div v-else class="wide" role="region" aria-label="Who did what, newest first" tabindex="0">
        <table>
          <thead>
            <tr>
              <th scope="col">When</th>
              <th scope="col">Who</th>
              <th scope="col">What</th>
              <th scope="col">Whose</th>
              <th scope="col">Part</th>
              <th scope="col">From</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="entry in log.entries" :key="entry.id">
              <td class="number">{{ exactMoment(entry.at) }}</td>
              <td>{{ entry.who }}</td>
              <td>{{ entry.event }}</td>
              <td>{{ entry.about }}</td>
              <td>{{ entry.detail }}</td>
              <td class="number">{{ entry.address }}</td>
            </tr>
          </tbody>
        </table>
      </div>
      <UiPages :page="log.page" :pages="log.pages" label="Pages of the log" @turn="(page) => ask({ page })" />
    </template>
  </SubjectPage>
</template>

<style scoped>
.narrow {
  display: flex;
  flex-wrap: wrap;
  align-items: end;
  gap: 16px;
}
.narrow > .select {
  width: 240px;
}
.count {
  padding-bottom: 11px;
}
.wide {
  overflow-x: auto;
}
table {
  width: 100%;
  border-collapse: collapse;
}
th,
td {
  padding: 8px 16px 8px 0;
  text-align: left;
  font-weight: 400;
  border-bottom: 1px solid var(--line);
}
thead th {
  color: var(--text-3);
  font-size: var(--type-small);
}
td:first-child {
  white-space: nowrap;
}
</style>
