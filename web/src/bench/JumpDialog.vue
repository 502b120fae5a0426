<script setup lang="ts">
import { t } from '@/messages/bench'
import UiDialog from '@/ui/UiDialog.vue'
import UiFind from '@/ui/UiFind.vue'
import type { Place } from '@/bench/route/places'
import { useCatalogue } from '@/stores/catalogue'

const emit = defineEmits<{ close: []; go: [place: Place] }>()
const catalogue = useCatalogue()
const SHOWN = 8
const ASKED: { id: 'history' | 'gate'; label: string }[] = [
  { id: 'history', label: t('jumpDialog.history') },
  { id: 'gate', label: t('jumpDialog.safetyCheck') },
]

/** Names that begin with the words come before names that only hold them. */
function find(words: string): { id: string; label: string }[] {
  const sought = words.trim().toLowerCase()
  const begins = (name: string) => Number(name.toLowerCase().startsWith(sought))
  const manoeuvres = (catalogue.catalogue?.manoeuvres ?? []).map(({ id, card }) => ({
    id,
    label: card.name,
    words: `${card.name} ${id.replaceAll('_', ' ')}`,
  }))
  return [...ASKED.map((one) => ({ ...one, words: one.label })), ...manoeuvres]
    .filter((one) => one.words.toLowerCase().includes(sought))
    .sort((a, b) => begins(b.label) - begins(a.label))
    .slice(0, SHOWN)
    .map(({ id, label }) => ({ id, label }))
}

function go(id: string): void {
  const asked = ASKED.find((one) => one.id === id)
  emit('go', asked ? { kind: asked.id } : { kind: 'manoeuvre', id })
}
</script>

<template>
  <UiDialog v-slot="{ close }" :title="t('jumpDialog.goToAManoeuvre')" @close="emit('close')">
    <UiFind
      :label="t('jumpDialog.nameOfTheManoeuvre')"
      :none="t('jumpDialog.noManoeuvreHasThisName')"
      :find="find"
      @pick="go"
      @leave="close"
    />
  </UiDialog>
</template>
