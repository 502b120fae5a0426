<script setup lang="ts">
import { CustomChart, LineChart } from 'echarts/charts'
import { GridComponent, MarkAreaComponent, MarkLineComponent, TooltipComponent } from 'echarts/components'
import { use } from 'echarts/core'
import { SVGRenderer } from 'echarts/renderers'
import { computed } from 'vue'
import VChart from 'vue-echarts'
import { t } from '@/messages/charts'
import { day } from '@/shared/dates'
import UiMore from '@/ui/UiMore.vue'
import { figure, optionsOf, told } from './options'
import type { Series } from './types'
import { useInks } from './useInks'

/** One curve over the visits, and the same as a table; a point opens its visit. */
const props = defineProps<{ series: Series }>()
const emit = defineEmits<{ open: [examination: string] }>()

use([LineChart, CustomChart, GridComponent, MarkAreaComponent, MarkLineComponent, TooltipComponent, SVGRenderer])

const inks = useInks()
const options = computed(() => optionsOf(props.series, inks.value))
const last = computed(() => props.series.points[props.series.points.length - 1])
const label = computed(
  () => `${props.series.label}: ${props.series.points.map((_, index) => told(props.series, index)).join('; ')}`,
)

function open({ dataIndex }: { dataIndex: number }): void {
  const point = props.series.points[dataIndex]
  if (point) emit('open', point.id)
}
</script>

<template>
  <figure>
    <figcaption>
      <span>{{ series.label }}</span>
      <b v-if="last" class="number now">
        {{ figure(last.value, series.isChance) }}
        <small :class="{ apart: series.unit !== '°' }">{{ series.unit }}</small>
      </b>
    </figcaption>
    <div role="img" :aria-label="label">
      <VChart class="drawn" :option="options" autoresize @click="open" />
    </div>
    <UiMore :title="t('courseChart.asATable')">
      <table class="figures">
        <thead>
          <tr>
            <th scope="col">{{ t('courseChart.visit') }}</th>
            <th scope="col" class="n">{{ series.unit }}</th>
            <th v-if="last?.low !== undefined" scope="col" class="n">{{ t('courseChart.n95Range') }}</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="point in series.points" :key="point.id">
            <th scope="row">
              <RouterLink :to="{ name: 'summary', params: { id: point.id } }">{{ day(point.at) }}</RouterLink>
              <small v-if="point.note">{{ point.note }}</small>
            </th>
            <td class="n">{{ figure(point.value, series.isChance) }}</td>
            <td v-if="point.low !== undefined" class="n">
              {{
                t('courseChart.to', {
                  low: figure(point.low, series.isChance),
                  high: figure(point.high ?? 0, series.isChance),
                })
              }}
            </td>
          </tr>
          <tr v-for="mark in series.marks ?? []" :key="mark.at + mark.label">
            <th scope="row">{{ day(mark.at) }}</th>
            <td :colspan="last?.low === undefined ? 1 : 2" class="n">{{ mark.label }}</td>
          </tr>
        </tbody>
      </table>
    </UiMore>
  </figure>
</template>

<style scoped>
figure {
  display: grid;
  align-content: start;
  padding: 12px 14px 2px;
  background: var(--card);
  border: 1px solid var(--line);
  border-radius: var(--radius);
}
figcaption {
  display: flex;
  justify-content: space-between;
  align-items: baseline;
  gap: 12px;
}
figcaption b {
  font-size: var(--type-lead);
  white-space: nowrap;
}
small {
  font-weight: 400;
  color: var(--text-2);
}
.drawn {
  height: 130px;
}
.now {
  display: flex;
  align-items: baseline;
}
.apart {
  margin-left: 0.3em;
}
</style>
