<script setup lang="ts">
import { computed } from 'vue'
import { useCatalogue } from '@/stores/catalogue'

/** How much more the hurt knee gives than the other, by feel. */
defineProps<{ value: string | undefined }>()
const emit = defineEmits<{ pick: [band: string] }>()
const catalogue = useCatalogue()
const bands = computed(() => catalogue.catalogue?.bands ?? [])
</script>

<template>
  <div role="group" aria-label="Hurt knee gives more than the other, by feel" class="bands">
    <button
      v-for="(band, index) in bands"
      :key="band.id"
      type="button"
      class="choice"
      :aria-pressed="value === band.id"
      @click="emit('pick', band.id)"
    >
      <b>{{ band.label }}</b>
      <small class="number">{{ band.says }}</small>
      <kbd aria-hidden="true">{{ index + 1 }}</kbd>
    </button>
  </div>
</template>

<style scoped>
.bands {
  display: grid;
  grid-template-columns: repeat(4, 1fr);
  gap: 5px;
}
.choice {
  display: grid;
  justify-items: center;
  min-height: 50px;
  padding: 3px 4px;
  position: relative;
}
.choice b {
  font-weight: 600;
}
.choice[aria-pressed='true'] b {
  font-weight: 700;
}
small {
  color: var(--text-3);
}
kbd {
  position: absolute;
  top: 4px;
  right: 4px;
  border: 0;
  color: var(--text-3);
  padding: 0;
}
@media (hover: none) {
  kbd {
    display: none;
  }
}
</style>
