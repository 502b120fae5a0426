<script setup lang="ts">
import { computed } from 'vue'
import type { Assessment } from '@/contract/types'
import { t } from '@/messages/bench'
import { day } from '@/shared/dates'
import { capital } from '@/shared/words'
import { useCatalogue } from '@/stores/catalogue'
import { useVerdict } from '@/stores/verdict'
import UiButton from '@/ui/UiButton.vue'

/** What scans, arthroscopy and operations have shown of this knee, and the way to enter one. */
const emit = defineEmits<{ enter: [] }>()
const catalogue = useCatalogue()
const verdict = useVerdict()

type Known = Assessment['known'][number]

const TREATED: Record<Known['treated'], string> = {
  none: '',
  repaired: t('knownResults.repaired'),
  reconstructed: t('knownResults.reconstructed'),
  removed: t('knownResults.removed'),
  replaced: t('knownResults.replaced'),
}

const known = computed(() =>
  (verdict.assessment?.known ?? []).map((one) => ({
    said: t('knownResults.found', {
      by: capital(catalogue.label('knownBy', one.by)),
      day: day(one.on),
      found: one.results
        .map(({ condition, present }) => {
          const label = catalogue.conditionLabel(condition)
          return present ? label : t('knownResults.none', { condition: label })
        })
        .join(', '),
    }),
    aside: [TREATED[one.treated], one.before && t('knownResults.before'), !one.weighed && t('knownResults.shownOnly')]
      .filter(Boolean)
      .join(', '),
  })),
)
</script>

<template>
  <section aria-labelledby="known">
    <h2 id="known">{{ t('knownResults.scansAndOperations') }}</h2>
    <p v-if="known.length === 0" class="quiet-text">{{ t('knownResults.noneEntered') }}</p>
    <ul v-else>
      <li v-for="(one, at) in known" :key="at">
        {{ one.said }}
        <small v-if="one.aside">{{ one.aside }}</small>
      </li>
    </ul>
    <UiButton @click="emit('enter')">{{ t('knownResults.enterResult') }}</UiButton>
  </section>
</template>

<style scoped>
h2 {
  margin-bottom: 8px;
}
ul {
  margin-bottom: 10px;
}
li {
  padding: 8px 0;
  border-top: 1px solid var(--line);
}
small {
  margin-left: 6px;
  color: var(--text-2);
}
p {
  margin-bottom: 10px;
}
</style>
