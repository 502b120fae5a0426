<script setup lang="ts">
import { computed } from 'vue'
import type { ImportList, ImportPreview } from '@/contract/types'
import UiForm from '@/ui/UiForm.vue'
import UiSelect from '@/ui/UiSelect.vue'
import UiText from '@/ui/UiText.vue'

/** How a list is read: which column tells what, how dates are written, and the squad of those without one. */
const props = defineProps<{ preview: ImportPreview; said: Pick<ImportList, 'columns' | 'dates' | 'squad'> }>()
const emit = defineEmits<{ change: [said: Pick<ImportList, 'columns' | 'dates' | 'squad'>] }>()
type ColumnId = keyof ImportPreview['columns']

const heads = computed(() => props.preview.heads.map((head, id) => ({ id, label: head || `Column ${id + 1}` })))
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
  <UiForm class="reading" label="How the list is read" :model="{ squad }">
    <UiSelect
      v-for="column in columns"
      :key="column.id"
      :label="column.label"
      none="Not in the list"
      :value="(said.columns ?? preview.columns)[column.id] ?? undefined"
      :options="heads"
      @change="(head) => place(column.id, head)"
    />
    <UiSelect
      label="Dates are written"
      :value="preview.dates"
      :options="dates"
      @change="(order) => emit('change', { ...said, dates: order ?? null })"
    />
    <UiText v-model="squad" label="Squad of those without one" prop="squad" />
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
