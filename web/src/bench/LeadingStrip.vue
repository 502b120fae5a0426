<script setup lang="ts">
import { computed } from 'vue'
import { t } from '@/messages/bench'
import { shortName } from '@/plateau/shapes'
import { inHundred } from '@/shared/words'
import { useCatalogue } from '@/stores/catalogue'
import { useOpenExamination } from '@/stores/openExamination'
import { useVerdict } from '@/stores/verdict'
import UiButton from '@/ui/UiButton.vue'

/** On a phone: the way to the route, and the three leading chances. */
defineProps<{ railOpen: boolean }>()
const emit = defineEmits<{ rail: [] }>()
const catalogue = useCatalogue()
const opened = useOpenExamination()
const verdict = useVerdict()

const SHOWN = 3
/** Base rates are of knees that someone complains of. */
const leading = computed(() =>
  opened.head?.isBaseline ? [] : verdict.byChance.filter((one) => one.tellsChance).slice(0, SHOWN),
)
</script>

<template>
  <ul class="strip" :aria-label="t('leadingStrip.routeAndLeadingChances')">
    <li>
      <UiButton :aria-expanded="railOpen" @click="emit('rail')">{{ t('leadingStrip.route') }}</UiButton>
    </li>
    <li v-for="chance in leading" :key="chance.id">
      <b class="number">{{ inHundred(chance.posttest) }}</b>
      {{ shortName(chance.id) }}
      <span class="unseen">{{ t('leadingStrip.in100', { id: catalogue.conditionLabel(chance.id) }) }}</span>
    </li>
  </ul>
</template>

<style scoped>
.strip {
  display: none;
}
b {
  font-size: var(--type-head);
}
@media (--phone) {
  .strip {
    display: flex;
    align-items: center;
    gap: 12px;
    padding: 0 6px;
    overflow: hidden;
    white-space: nowrap;
    border-bottom: 1px solid var(--line);
    font-size: var(--type-small);
  }
}
</style>
