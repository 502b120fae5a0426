<script setup lang="ts">
defineProps<{ value: string | undefined }>()
const emit = defineEmits<{ pick: [band: string] }>()

/** Bands of how much more the hurt knee gives, in mm; their widths follow the distances they stand for. */
const BANDS = [
  { id: 'same', label: 'same', range: '0–2' },
  { id: 'slight', label: 'slightly', range: '3–5' },
  { id: 'clear', label: 'clearly', range: '6–10' },
  { id: 'gross', label: 'grossly', range: '>10' },
]
</script>

<template>
  <div role="group" aria-label="Hurt knee gives more than the other, by feel" class="bands">
    <button v-for="(band, index) in BANDS" :key="band.id" type="button" class="choice" :aria-pressed="value === band.id" @click="emit('pick', band.id)">
      <b>{{ band.label }}</b><small class="number">{{ band.range }} mm</small><kbd aria-hidden="true">{{ index + 1 }}</kbd>
    </button>
  </div>
</template>

<style scoped>
.bands { display: grid; grid-template-columns: repeat(4, 1fr); gap: 5px; }
.choice { display: grid; justify-items: center; min-height: 50px; padding: 3px 4px; position: relative; }
.choice b { font-weight: 600; }
.choice[aria-pressed='true'] b { font-weight: 700; }
small { color: var(--text-3); }
kbd { position: absolute; top: 4px; right: 4px; border: 0; color: var(--text-3); padding: 0; }
@media (hover: none) { kbd { display: none; } }
</style>
