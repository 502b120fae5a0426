import type { Course } from '@/contract/types'
import { capital } from '@/shared/words'
import type { Series } from './types'
import { t } from '@/messages/charts'

/** In hundredths. */
const HUNDRED = 100

/** Measures over the visits, as many as were taken. */
export function measures({ curves, visits }: Course): Series[] {
  const span = spanOf(visits)
  return curves.map(({ id, label, unit, error, better }) => ({
    id,
    label,
    unit,
    error,
    isSigned: better === 'nearer_zero',
    span,
    points: visits.flatMap(({ examination, at, values }) =>
      values
        .filter(({ curve }) => curve === id)
        .map(({ value, grade }) => ({
          id: examination,
          at,
          value,
          ...(grade === null ? {} : { note: t('series.grade', { grade }) }),
        })),
    ),
  }))
}

/** Chances over the visits with their intervals, likeliest of all first. */
export function chances({ visits }: Course): Series[] {
  const series = new Map<string, Series>()
  const span = spanOf(visits)
  for (const { examination, at, chances } of visits) {
    for (const { id, label, chance, interval, zoneLabel } of chances) {
      const one = series.get(id) ?? {
        id,
        label: capital(label),
        unit: t('series.of100'),
        isChance: true,
        span,
        points: [],
      }
      one.points.push({
        id: examination,
        at,
        value: HUNDRED * chance,
        low: HUNDRED * (interval[0] ?? chance),
        high: HUNDRED * (interval[1] ?? chance),
        note: zoneLabel,
      })
      series.set(id, one)
    }
  }
  return [...series.values()].sort((one, other) => highest(other) - highest(one))
}

function spanOf(visits: Course['visits']): Series['span'] {
  return [visits[0]?.at ?? '', visits[visits.length - 1]?.at ?? '']
}

/** The highest that it ever was. */
export function highest({ points }: Series): number {
  return Math.max(0, ...points.map((point) => point.value))
}
