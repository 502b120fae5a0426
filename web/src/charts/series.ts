import type { Course } from '@/contract/types'
import { capital } from '@/shared/words'
import type { Mark, Series } from './types'
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

/** Chances over the visits with their intervals, and what scans and operations showed; likeliest of all first. */
export function chances({ visits, episode }: Course): Series[] {
  const series = new Map<string, Series>()
  const looks = episode.referenceResults.filter(({ removed }) => !removed)
  const span = spanOf(visits, looks)
  for (const { examination, at, chances } of visits) {
    for (const { id, label, chance, interval, zoneLabel } of chances) {
      const one = series.get(id) ?? {
        id,
        label: capital(label),
        unit: t('series.of100'),
        isChance: true,
        span,
        points: [],
        marks: marksOf(id, looks),
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

type Look = Course['episode']['referenceResults'][number]

function marksOf(condition: string, looks: readonly Look[]): Mark[] {
  return looks.flatMap(({ on, label, answers }) =>
    answers
      .filter((answer) => answer.condition === condition)
      .map(({ seen }) => ({
        at: on,
        label: seen === 'present' ? t('series.torn', { by: label }) : t('series.intact', { by: label }),
      })),
  )
}

function spanOf(visits: Course['visits'], looks: readonly Look[] = []): Series['span'] {
  const days = [...visits.map(({ at }) => at), ...looks.map(({ on }) => on)].sort()
  return [days[0] ?? '', days[days.length - 1] ?? '']
}

/** The highest that it ever was. */
export function highest({ points }: Series): number {
  return Math.max(0, ...points.map((point) => point.value))
}
