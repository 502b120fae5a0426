<script setup lang="ts">
import { computed } from 'vue'
import { useKeys } from '@/bench/keys/useKeys'
import { t } from '@/messages/bench'
import UiChoice from '@/ui/UiChoice.vue'
import { useCatalogue } from '@/stores/catalogue'

/** How much more the hurt knee gives than the other, by feel. */
defineProps<{ value: string | undefined }>()
const emit = defineEmits<{ pick: [band: string] }>()
const catalogue = useCatalogue()
const bands = computed(() => catalogue.catalogue?.bands ?? [])
const saysOf = (id: string) => bands.value.find((band) => band.id === id)?.says
const keys = useKeys()
const ORDER = ['same', 'slight', 'clear', 'gross'] as const
/** The keys go by place, whatever the bands are called. */
const keyOf = (id: string) => {
  const action = ORDER[bands.value.findIndex((band) => band.id === id)]
  return action && keys.spoken(action)
}
</script>

<template>
  <UiChoice
    class="bands"
    :label="t('bandPicker.hurtKneeMovesMoreThanThe')"
    :value="value"
    :options="bands"
    @pick="(band) => emit('pick', band)"
  >
    <template #option="{ option }">
      <span class="band">
        <b>{{ option.label }}</b>
        <small class="number">{{ saysOf(option.id) }}</small>
        <kbd aria-hidden="true">{{ keyOf(option.id) }}</kbd>
      </span>
    </template>
  </UiChoice>
</template>

<style scoped>
.bands {
  display: grid !important;
  grid-template-columns: repeat(4, 1fr);
}
.bands :deep(.el-radio-button__inner) {
  position: relative;
  min-height: 50px;
  padding: 3px 4px;
}
.band {
  display: grid;
  justify-items: center;
}
b {
  font-weight: inherit;
}
small {
  font-weight: 400;
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
