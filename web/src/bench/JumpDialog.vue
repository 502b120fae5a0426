<script setup lang="ts">
import { computed, ref } from 'vue'
import ModalDialog from '@/shared/ModalDialog.vue'
import { useCatalogue } from '@/stores/catalogue'

const emit = defineEmits<{ close: []; go: [id: string] }>()
const catalogue = useCatalogue()
const words = ref('')
const SHOWN = 8
/** Names that begin with the words come before names that only hold them. */
const found = computed(() => {
  const sought = words.value.trim().toLowerCase()
  const all = (catalogue.catalogue?.manoeuvres ?? []).filter((m) =>
    `${m.card.name} ${m.id.replaceAll('_', ' ')}`.toLowerCase().includes(sought),
  )
  const begins = (name: string) => Number(name.toLowerCase().startsWith(sought))
  return all.sort((a, b) => begins(b.card.name) - begins(a.card.name)).slice(0, SHOWN)
})

function first(): void {
  if (found.value[0]) emit('go', found.value[0].id)
}
</script>

<template>
  <ModalDialog title="Go to a manoeuvre" @close="emit('close')">
    <label class="field">
      <span class="unseen">Name of the manoeuvre</span>
      <input v-model="words" type="text" placeholder="Name of the manoeuvre" autofocus @keydown.enter="first" />
    </label>
    <ul>
      <li v-for="m in found" :key="m.id">
        <button type="button" class="button quiet" @click="emit('go', m.id)">{{ m.card.name }}</button>
      </li>
    </ul>
    <p v-if="found.length === 0" class="quiet-text">No manoeuvre is called that.</p>
  </ModalDialog>
</template>

<style scoped>
ul {
  margin-top: 8px;
}
li .button {
  width: 100%;
  justify-content: start;
}
</style>
