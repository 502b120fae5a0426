<script setup lang="ts">
import { onMounted, reactive, ref } from 'vue'
import { answerOf, api } from '@/api/client'
import { t } from '@/messages/views'
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
    problem.value = error instanceof Error ? error.message : t('auditLogView.theListCouldNotBeLoaded')
  }
}

function ask(change: Partial<typeof asked>): void {
  Object.assign(asked, { page: 1 }, change)
  void load()
}

onMounted(load)
</script>

<template>
  <SubjectPage :title="t('auditLogView.auditLog')">
    <template #beside>
      <UiButton href="/api/audit-log.csv" download>{{ t('auditLogView.tableCsv') }}</UiButton>
    </template>
    <UiAlert v-if="problem" :say="problem" />
    <UiWaiting v-else-if="!log" :label="t('auditLogView.loadingTheList')" />
    <template v-else>
      <div class="narrow">
        <UiSelect
          :label="t('auditLogView.person')"
          :none="t('auditLogView.everybody')"
          :value="asked.person"
          :options="log.people.map(({ id, name }) => ({ id, label: name }))"
          @change="(person) => ask({ person })"
        />
        <UiSelect
          :label="t('auditLogView.what')"
          :none="t('auditLogView.everything')"
          :value="asked.event"
          :options="log.kinds"
          @change="(event) => ask({ event })"
        />
        <p class="count number quiet-text">{{ t('auditLogView.entries', { n: log.total }) }}</p>
      </div>
      <UiEmpty v-if="log.entries.length === 0" :say="t('auditLogView.noEntriesMatchTheseFilters')" />
      <div v-else class="wide" role="region" :aria-label="t('auditLogView.whoDidWhatNewestFirst')" tabindex="0">
        <table>
          <thead>
            <tr>
              <th scope="col">{{ t('auditLogView.when') }}</th>
              <th scope="col">{{ t('auditLogView.who') }}</th>
              <th scope="col">{{ t('auditLogView.what') }}</th>
              <th scope="col">{{ t('auditLogView.athlete') }}</th>
              <th scope="col">{{ t('auditLogView.part') }}</th>
              <th scope="col">{{ t('auditLogView.from') }}</th>
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
      <UiPages
        :page="log.page"
        :pages="log.pages"
        :label="t('auditLogView.pagesOfTheAuditLog')"
        @turn="(page) => ask({ page })"
      />
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
