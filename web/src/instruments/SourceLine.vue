<script setup lang="ts">
import { computed } from 'vue'
import type { FigureSource } from '@/contract/types'
import { t } from '@/messages/instruments'
import UiMore from '@/ui/UiMore.vue'
import PullChart from './PullChart.vue'
import { curveOf, torquePerKg } from './measured'
import type { Curve } from './pullOptions'

/** What took a figure, and its pulls as they were stored. */
const props = defineProps<{
  source: FigureSource
  /** Of the figure. */
  value: number | undefined
  unit: string
  isHurt: boolean
  /** Of the other knee, to be drawn along. */
  across?: FigureSource | undefined
}>()

const KINDS: Record<string, string> = {
  sensor: t('sourceLine.sensor'),
  arthrometer: t('sourceLine.arthrometer'),
  dynamometer: t('sourceLine.dynamometer'),
  file: t('sourceLine.file'),
}
const DIGITS = 2
/** As finely as the figure deserves. */
const SPREAD_DIGITS: Record<string, number> = { N: 0, '°': 1 }
const counted = computed(() => (props.source.pulls ?? []).filter(({ guarded }) => guarded !== true).length)
const said = computed(() =>
  [
    KINDS[props.source.kind],
    props.source.device,
    props.source.serial,
    counted.value > 0 && t('sourceLine.pulls', { n: counted.value }),
    typeof props.source.spread === 'number' &&
      `±\u00a0${props.source.spread.toFixed(SPREAD_DIGITS[props.unit] ?? DIGITS)}${props.unit === '°' ? '' : '\u00a0'}${props.unit}`,
    torque.value,
  ]
    .filter((one) => typeof one === 'string' && one !== '')
    .join(', '),
)
const torque = computed(() => {
  const { leverM, massKg } = props.source
  const each = torquePerKg(props.value ?? 0, { leverM: leverM ?? undefined, massKg: massKg ?? undefined })
  return each !== null && `${each.toFixed(DIGITS)} N·m/kg`
})
const curves = computed(() => [...drawn(props.source, props.isHurt), ...drawn(props.across, !props.isHurt)])

function drawn(source: FigureSource | undefined, isHurt: boolean): Curve[] {
  return (source?.pulls ?? [])
    .map((pull) => ({ isHurt, isOut: pull.guarded === true, points: curveOf(pull) }))
    .filter(({ points }) => points.length > 0)
}
</script>

<template>
  <p class="source">{{ said }}</p>
  <UiMore v-if="curves.length > 0" :title="t('sourceLine.showPulls')">
    <PullChart :curves="curves" :label="t('measureDialog.curves', { n: curves.length })" />
  </UiMore>
</template>

<style scoped>
.source {
  font-size: var(--type-fine);
  color: var(--text-2);
}
</style>
