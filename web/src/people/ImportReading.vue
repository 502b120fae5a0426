<script setup lang="ts">
import { computed } from 'vue'
import type { ImportList, ImportPreview } from '@/contract/types'
import { t } from '@/messages/people'
import UiForm from '@/ui/UiForm.vue'
import UiSelect from '@/ui/UiSelect.vue'
import UiText from '@/ui/UiText.vue'

/** How a list is read: which column tells what, how dates are written, and the squad of those without one. */
const props = defineProps<{ preview: ImportPreview; said: Pick<ImportList, 'columns' | 'dates' | 'squad'> }>()
const emit = defineEmits<{ change: [said: Pick<ImportList, 'columns' | 'dates' | 'squad'>] }>()
type ColumnId = keyof ImportPreview['columns']

const heads = computed(() =>
  props.preview.heads.map((head, id) => ({ id, label: head || t('importReading.column', { id: id + 1 }) })),
)
const columns = computed(() => props.preview.choices.columns as { id: ColumnId; label: string }[])
const dates = computed(() => props.preview.choices.dates as { id: ImportPreview['dates']; label: string }[])
const squad = computed({
  get: () => props.said.squad ?? '',
  set: (typed) => emit('change', { ...props.said, squad: typed }),
})

function place(column: ColumnId, head: number | undefined): void {
  emit('change', {
    ...props.said,
    columns: { ...(props.said.columns ?? props.preview.columns), [column]: head ?? null },
  })
}
</script>

<template>
  <UiForm class="reading" :label="t('importReading.howTheListIsRead')" :model="{ squad }">
    <UiSelect
      v-for="column in columns"
      :key="column.id"
      :label="column.label"
      :none="t('importReading.notInTheList')"
      :value="(said.columns ?? preview.columns)[column.id] ?? undefined"
      :options="heads"
      @change="(head) => place(column.id, head)"
    />
    <UiSelect
      :label="t('importReading.dateOrder')"
      :value="preview.dates"
      :options="dates"
      @change="(order) => emit('change', { ...said, dates: order ?? null })"
    />
    <UiText v-model="squad" :label="t('importReading.squadForRowsWithoutOne')" prop="squad" />
  </UiForm>
</template>

<style scoped>
.reading {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(190px, 1fr));
  gap: 14px;
  /* Room for the ring of focus. */
  padding: 4px;
}
</style>
