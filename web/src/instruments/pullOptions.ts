import type { EChartsCoreOption } from 'echarts/core'
import type { Inks } from '@/charts/options'
import { t } from '@/messages/instruments'
import { FORCES } from './pulls'

export interface Curve {
  /** Of the hurt knee; its line is full, the other is dashed. */
  isHurt: boolean
  /** Guarded, or not to be used: drawn faint. */
  isOut: boolean
  /** mm and N. */
  points: readonly (readonly [mm: number, newtons: number])[]
}

const LEAST_MM = 8
const STEP_MM = 2
const MOST_N = 150
const STEP_N = 50
const TEXT_PX = 12

/** How pulls are drawn: displacement to the right, force upwards, a line at each force that is kept. */
export function pullOptions(curves: readonly Curve[], inks: Inks): EChartsCoreOption {
  const furthest = Math.max(LEAST_MM, ...curves.flatMap(({ points }) => points.map(([mm]) => mm)))
  const text = { color: inks.text, fontSize: TEXT_PX, fontFamily: inks.font }
  const axis = { type: 'value', axisLabel: text, nameTextStyle: text, splitLine: { lineStyle: { color: inks.line } } }
  return {
    animation: false,
    textStyle: { fontFamily: inks.font },
    grid: { left: 44, right: 52, top: 22, bottom: 40 },
    xAxis: {
      ...axis,
      name: t('pullChart.displacement'),
      nameLocation: 'middle',
      nameGap: 24,
      min: 0,
      max: STEP_MM * Math.ceil(furthest / STEP_MM),
      splitLine: { show: false },
    },
    yAxis: { ...axis, name: t('pullChart.force'), min: 0, max: MOST_N, interval: STEP_N, splitLine: { show: false } },
    series: [
      ...curves.map(({ isHurt, isOut, points }) => ({
        type: 'line',
        data: points,
        showSymbol: false,
        silent: true,
        lineStyle: {
          color: isOut ? inks.line : isHurt ? inks.ink : inks.text,
          width: isOut ? 1 : 2,
          type: isHurt ? 'solid' : 'dashed',
        },
      })),
      {
        type: 'line',
        data: [],
        markLine: {
          silent: true,
          symbol: 'none',
          label: { ...text, formatter: ({ value }: { value: number }) => `${value} N` },
          lineStyle: { color: inks.line, type: 'solid', width: 1 },
          data: FORCES.map((force) => ({ yAxis: force })),
        },
      },
    ],
  }
}
