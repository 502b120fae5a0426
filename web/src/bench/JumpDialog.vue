<script setup lang="ts">
import UiDialog from '@/ui/UiDialog.vue'
import UiFind from '@/ui/UiFind.vue'
import { useCatalogue } from '@/stores/catalogue'

const emit = defineEmits<{ close: []; go: [id: string] }>()
const catalogue = useCatalogue()
const SHOWN = 8

/** Names that begin with the words come before names that only hold them. */
function find(words: string): { id: string; label: string }[] {
  const sought = words.trim().toLowerCase()
  const begins = (name: string) => Number(name.toLowerCase().startsWith(sought))
  return (catalogue.catalogue?.manoeuvres ?? [])
    .filter((m) => `${m.card.name} ${m.id.replaceAll('_', ' ')}`.toLowerCase().includes(sought))
    .sort((a, b) => begins(b.card.name) - begins(a.card.name))
    .slice(0, SHOWN)
    .map(({ id, card }) => ({ id, label: card.name }))
}
</script>

<template>
  <UiDialog title="Go to a manoeuvre" @close="emit('close')">
    <UiFind
      label="Name of the manoeuvre"
      none="No manoeuvre is called that."
      :find="find"
      @pick="(id) => emit('go', id)"
    />
  </UiDialog>
</template>
