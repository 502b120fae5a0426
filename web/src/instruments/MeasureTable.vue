<script setup lang="ts">
import { computed } from 'vue'
import type { Side } from '@/contract/types'
import { t } from '@/messages/instruments'
import { signed } from '@/shared/words'
import { type Muscle, type Takes, counting, effortsOf, pullsOf, torquePerKg } from './measured'
import type { InstrumentKind } from './protocol'
import { FORCES, compliance, summed } from './pulls'

/** Means of what counts, of both knees, and how they differ. */
const props = defineProps<{
  kind: InstrumentKind
  knees: readonly { side: Side; name: string; isHurt: boolean }[]
  takes: Takes
  muscle: Muscle
}>()

const PER_HUNDRED_N = 100
const DIGITS = 2
/** A spread below this is told in hundredths. */
const FINE = 0.1

interface Row {
  label: string
  figures: (string | null)[]
  difference: string
}

/** Hurt minus other; of a baseline, the second knee minus the first. */
const order = computed(() => [...props.knees].sort((one, other) => Number(one.isHurt) - Number(other.isHurt)))
const pulls = computed(() => order.value.map(({ side }) => pullsOf(counting(props.takes[side]))))
const efforts = computed(() => order.value.map(({ side }) => effortsOf(counting(props.takes[side]))))

const rows = computed<Row[]>(() =>
  props.kind === 'arthrometer'
    ? [...FORCES.map((force) => distances(force)), compliances()]
    : [
        forces(t('measureTable.peak'), 'peak'),
        forces(t('measureTable.mean'), 'mean'),
        ...(torque.value ? [torque.value] : []),
      ],
)

function distances(force: (typeof FORCES)[number]): Row {
  const read = pulls.value.map((some) => some.map(({ at }) => at[force]).filter((mm) => mm !== undefined))
  return row(t('measureTable.at', { newtons: force }), read, 'mm')
}

function compliances(): Row {
  const read = pulls.value.map((some) =>
    some
      .map(({ at }) => compliance(at))
      .filter((one) => one !== null)
      .map((one) => one * PER_HUNDRED_N),
  )
  return row(t('measureTable.compliance'), read, '')
}

function forces(label: string, which: 'peak' | 'mean'): Row {
  const read = efforts.value.map((some) => some.map((one) => one[which]))
  const [other, hurt] = read.map((some) => (some.length === 0 ? null : summed(some).mean))
  const share = other && hurt ? `${Math.round((100 * hurt) / other)} %` : '–'
  return { ...row(label, read, 'N'), difference: share }
}

const torque = computed<Row | null>(() => {
  const figures = efforts.value.map((some) => {
    const each = some.length === 0 ? null : torquePerKg(summed(some.map(({ peak }) => peak)).mean, props.muscle)
    return each === null ? null : `${each.toFixed(DIGITS)} N·m/kg`
  })
  return figures.every((one) => one === null) ? null : { label: t('measureTable.torque'), figures, difference: '' }
})

/** Each knee by the mean of its pulls and how far they spread. */
function row(label: string, read: readonly (readonly number[])[], unit: string): Row {
  const behind = unit === '' ? '' : `\u00a0${unit}`
  const written = (figure: number) => figure.toFixed(unit === 'N' ? 0 : 1)
  const finely = (spread: number) => (spread < FINE && unit !== 'N' ? spread.toFixed(2) : written(spread))
  const means = read.map((some) => (some.length === 0 ? null : summed(some)))
  const figures = means.map((one) =>
    one === null
      ? null
      : `${written(one.mean)}${one.spread === null ? '' : `\u00a0±\u00a0${finely(one.spread)}`}${behind}`,
  )
  const [other, hurt] = means
  return { label, figures, difference: other && hurt ? `${signed(hurt.mean - other.mean)}${behind}` : '–' }
}
</script>

<template>
  <table class="figures">
    <thead>
      <tr>
        <th scope="col">{{ t('measureTable.meanOfPulls') }}</th>
        <th v-for="knee in order" :key="knee.side" scope="col" class="n">{{ knee.name }}</th>
        <th scope="col" class="n">
          {{ kind === 'arthrometer' ? t('measureTable.difference') : t('measureTable.ratio') }}
        </th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="one in rows" :key="one.label">
        <th scope="row">{{ one.label }}</th>
        <td v-for="(figure, index) in one.figures" :key="index" class="n">{{ figure ?? '–' }}</td>
        <td class="n">{{ one.difference }}</td>
      </tr>
    </tbody>
  </table>
</template>
