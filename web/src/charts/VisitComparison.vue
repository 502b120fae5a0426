<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { answerOf, api } from '@/api/client'
import type { Comparison, Course } from '@/contract/types'
import { t } from '@/messages/charts'
import { day } from '@/shared/dates'
import { useNewest } from '@/shared/useNewest'
import UiAlert from '@/ui/UiAlert.vue'
import UiSelect from '@/ui/UiSelect.vue'
import { figure, withUnit } from './options'

/** Two visits beside each other; what one hand may miss is no change. */
const props = defineProps<{ episode: string; visits: Course['visits']; baselines: Course['baselines'] }>()

const later = computed(() =>
  [...props.visits].reverse().map(({ examination, at }) => ({ id: examination, label: day(at) })),
)
/** A visit is compared with an earlier one, or with what the same knee was like while it was sound. */
const earlier = computed(() => [
  ...later.value,
  ...props.baselines.map(({ examination, at }) => ({ id: examination, label: `Baseline, ${day(at)}` })),
])
const before = ref((props.visits[props.visits.length - 2] ?? props.baselines[0])?.examination ?? '')
const after = ref(props.visits[props.visits.length - 1]?.examination ?? '')
const lines = ref<Comparison>([])
const { problem, ask } = useNewest()

function told(value: number | null, unit: string, grade: number | null): string {
  if (value === null) return '–'
  const said = figure(value, unit === 'of 100')
  return (
    (unit === 'grade' ? said : withUnit(said, unit)) + (grade === null ? '' : t('visitComparison.grade', { grade }))
  )
}

watch(
  [before, after],
  () =>
    ask(
      () => {
        const params = { path: { episode: props.episode }, query: { before: before.value, after: after.value } }
        return answerOf(api.GET('/api/episodes/{episode}/comparison', { params }))
      },
      (answer) => (lines.value = answer),
    ),
  { immediate: true },
)
</script>

<template>
  <section aria-labelledby="comparison">
    <h2 id="comparison">{{ t('visitComparison.twoVisitsCompared') }}</h2>
    <div class="pair">
      <UiSelect
        :label="t('visitComparison.earlier')"
        :value="before"
        :options="earlier"
        @change="(id) => (before = id ?? before)"
      />
      <UiSelect
        :label="t('visitComparison.later')"
        :value="after"
        :options="later"
        @change="(id) => (after = id ?? after)"
      />
    </div>
    <UiAlert v-if="problem" :say="problem" />
    <table class="figures">
      <thead>
        <tr>
          <th scope="col">{{ t('visitComparison.measure') }}</th>
          <th scope="col" class="n">{{ t('visitComparison.earlier') }}</th>
          <th scope="col" class="n">{{ t('visitComparison.later') }}</th>
          <th scope="col">{{ t('visitComparison.change') }}</th>
          <th scope="col" class="n">{{ t('visitComparison.measurementError') }}</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="line in lines" :key="line.what" :class="line.change">
          <th scope="row">{{ line.what }}</th>
          <td class="n">{{ told(line.before, line.unit, line.gradeBefore) }}</td>
          <td class="n">{{ told(line.after, line.unit, line.gradeAfter) }}</td>
          <td class="change">{{ line.changeLabel }}</td>
          <td class="n quiet-text">
            {{ line.error === null ? t('visitComparison.seeItsRange') : withUnit(String(line.error), line.unit) }}
          </td>
        </tr>
      </tbody>
    </table>
  </section>
</template>

<style scoped>
section {
  display: grid;
  gap: 14px;
}
.pair {
  display: grid;
  grid-template-columns: 220px 220px;
  gap: 14px;
}
.change {
  padding-left: 14px;
}
th:nth-child(4) {
  padding-left: 14px;
}
tr:not(.as_before) .change {
  font-weight: 680;
}
.as_before {
  color: var(--text-2);
}
@media (--phone) {
  .pair {
    grid-template-columns: 1fr 1fr;
  }
  th:last-child,
  td:last-child {
    display: none;
  }
}
</style>
