<script setup lang="ts">
import { LineChart } from 'echarts/charts'
import { GridComponent, MarkLineComponent } from 'echarts/components'
import { use } from 'echarts/core'
import { SVGRenderer } from 'echarts/renderers'
import { computed } from 'vue'
import VChart from 'vue-echarts'
import { useInks } from '@/charts/useInks'
import { t } from '@/messages/instruments'
import { type Curve, pullOptions } from './pullOptions'

/** Force over displacement of both knees: the hurt one drawn full, the other dashed. */
const props = defineProps<{ curves: readonly Curve[]; label: string }>()

use([LineChart, GridComponent, MarkLineComponent, SVGRenderer])

const inks = useInks()
const options = computed(() => pullOptions(props.curves, inks.value))
</script>

<template>
  <figure>
    <div role="img" :aria-label="label">
      <VChart class="drawn" :option="options" autoresize />
    </div>
    <figcaption>{{ t('pullChart.key') }}</figcaption>
  </figure>
</template>

<style scoped>
figure {
  margin: 0;
}
.drawn {
  height: 200px;
}
figcaption {
  font-size: var(--type-fine);
  color: var(--text-3);
}
</style>
