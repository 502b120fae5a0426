import type { EChartsCoreOption } from 'echarts/core'
import { day, dayAndMonth } from '@/shared/dates'
import { inHundred } from '@/shared/words'
import type { Point, Series } from './types'
import { t } from '@/messages/charts'

/** Inks and typeface, as the styles of the page say. */
export interface Inks {
  font: string
  ink: string
  line: string
  text: string
  card: string
}

const DAY_MS = 86_400_000

interface Scale {
  min: number
  max: number
  interval: number
}

const CHANCES: Scale = { min: 0, max: 100, interval: 50 }
/** Days are written as far apart as this share of the axis at least. */
const APART = 0.24
/** Names of marks stand above the drawing, one below the other where there are several. */
const LABEL_PX = 14
const MOST_LINES = 2
const STEPS = [1, 2, 5, 10, 20, 50]
const MOST_STEPS = 4

/** Ends and steps in round figures, about all of these; what is no difference never goes below nothing. */
export function roundScale(values: readonly number[], isSigned = false): Scale {
  const low = Math.min(...values)
  const high = Math.max(...values)
  const interval = STEPS.find((step) => (high - low) / step <= MOST_STEPS) ?? 100
  const min = Math.floor(low / interval) * interval
  const from = isSigned ? min : Math.max(0, min)
  return { min: from, max: Math.max(Math.ceil(high / interval) * interval, from + interval), interval }
}

/** The days that an axis names, in milliseconds: its first, its last, and the visits between that leave room. */
export function namedDays(points: readonly Point[], span: readonly [string, string]): number[] {
  const [first, last] = [Date.parse(span[0]), Date.parse(span[1])]
  if (first === last) return [first]
  const apart = (last - first) * APART
  return points
    .map(({ at }) => Date.parse(at))
    .filter((at) => at - first >= apart && last - at >= apart)
    .reduce((named, at) => (at - named[named.length - 1]! >= apart ? [...named, at] : named), [first])
    .concat(last)
}

/** How a curve is drawn: its points, the doubt of each as a bar, and the error of the hand about the last one. */
export function optionsOf(series: Series, inks: Inks): EChartsCoreOption {
  const { points, error, isChance, isSigned, span, marks = [] } = series
  const last = points[points.length - 1]
  const [first, newest] = [Date.parse(span[0]), Date.parse(span[1])]
  // A single visit stands in the middle.
  const edge = first === newest ? 7 * DAY_MS : (newest - first) * 0.06
  const reach = last === undefined || error === undefined ? [] : [last.value - error, last.value + error]
  const scale = isChance ? CHANCES : roundScale([...points.map(({ value }) => value), ...reach], isSigned)
  const axisText = { color: inks.text, fontSize: 12, fontFamily: inks.font }
  return {
    animation: false,
    textStyle: { fontFamily: inks.font },
    grid: {
      left: 34,
      right: 14,
      top: marks.length > 0 ? 12 + LABEL_PX * Math.min(marks.length, MOST_LINES) : 12,
      bottom: 24,
    },
    xAxis: {
      type: 'time',
      min: first - edge,
      max: newest + edge,
      axisLine: { lineStyle: { color: inks.line } },
      axisTick: { show: false },
      axisLabel: {
        ...axisText,
        customValues: namedDays(points, span),
        formatter: (at: number) => dayAndMonth(new Date(at).toISOString()),
      },
      splitLine: { show: false },
    },
    yAxis: {
      type: 'value',
      ...scale,
      axisLabel: axisText,
      splitLine: { lineStyle: { color: inks.line } },
    },
    tooltip: {
      trigger: 'item',
      confine: true,
      backgroundColor: inks.card,
      borderColor: inks.line,
      textStyle: { color: inks.ink, fontSize: 13, fontFamily: inks.font },
      formatter: ({ dataIndex }: { dataIndex: number }) => told(series, dataIndex),
    },
    series: [
      {
        type: 'line',
        data: points.map((point) => [point.at, point.value]),
        symbol: 'circle',
        symbolSize: 11,
        cursor: 'pointer',
        lineStyle: { color: inks.ink, width: 2 },
        itemStyle: { color: inks.ink },
        markLine:
          marks.length === 0
            ? undefined
            : {
                silent: true,
                symbol: 'none',
                lineStyle: { color: inks.text, type: 'dashed' },
                label: { ...axisText, formatter: ({ name }: { name: string }) => name },
                data: marks.map(({ at, label }, index) => ({
                  xAxis: at,
                  name: label,
                  label: { distance: 4 + LABEL_PX * (index % MOST_LINES) },
                })),
              },
        markArea:
          error === undefined || last === undefined
            ? undefined
            : {
                silent: true,
                itemStyle: { color: inks.line, opacity: 0.45 },
                data: [[{ yAxis: Math.max(last.value - error, scale.min) }, { yAxis: last.value + error }]],
              },
      },
      {
        type: 'custom',
        silent: true,
        z: 1,
        data: points.flatMap((point) =>
          point.low === undefined || point.high === undefined ? [] : [[point.at, point.low, point.high]],
        ),
        renderItem: (_: unknown, api: CustomApi) => {
          const [x, low] = api.coord([api.value(0), api.value(1)])
          const [, high] = api.coord([api.value(0), api.value(2)])
          return {
            type: 'rect',
            shape: { x: x! - 3, y: high, width: 6, height: low! - high! },
            style: { fill: inks.text, opacity: 0.35 },
          }
        },
      },
    ],
  }
}

interface CustomApi {
  value: (dimension: number) => number
  coord: (point: [number, number]) => number[]
}

/** A point in words: when, how much, how sure. */
export function told(series: Series, index: number): string {
  const { points, unit } = series
  const point = points[index]
  if (point === undefined) return ''
  const say = (value: number) => figure(value, series.isChance)
  const range = point.low === undefined ? '' : t('options.to', { low: say(point.low), high: say(point.high ?? 0) })
  return `${day(point.at)}: ${withUnit(say(point.value), unit)}${range}${point.note ? `, ${point.note}` : ''}`
}

/** A degree stands at its figure, every other unit apart. */
export function withUnit(figure: string, unit: string): string {
  return unit === '°' ? `${figure}°` : `${figure} ${unit}`
}

/** Not finer than anybody measures; a chance as everywhere. */
export function figure(value: number, isChance = false): string {
  return isChance ? inHundred(value / 100) : String(Math.round(value * 10) / 10)
}
