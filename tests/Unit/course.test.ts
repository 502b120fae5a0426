import { describe, expect, it } from 'vitest'
import { figure, namedDays, optionsOf, roundScale, told } from '../../web/src/charts/options'
import { chances, highest, measures } from '../../web/src/charts/series'
import type { Course } from '../../web/src/contract/types'

const chance = (id: string, value: number, zone = 'investigate') => ({
  id,
  label: `${id} tear`,
  chance: value,
  interval: [value - 0.1, value + 0.1],
  zone,
  zoneLabel: zone,
  rank: 1,
})

const COURSE = {
  curves: [
    { id: 'lachman', label: 'Lachman', unit: 'mm', error: 2, better: 'nearer_zero' },
    { id: 'pain', label: 'Pain', unit: 'of 10', error: 1, better: 'less' },
  ],
  visits: [
    {
      examination: 'first',
      at: '2026-05-01T09:00:00Z',
      chances: [chance('mcl', 0.3), chance('acl', 0.8)],
      values: [
        { curve: 'lachman', value: 7, grade: 2 },
        { curve: 'pain', value: 6, grade: null },
      ],
    },
    {
      examination: 'second',
      at: '2026-05-12T09:00:00Z',
      chances: [chance('mcl', 0.05)],
      values: [{ curve: 'lachman', value: 2, grade: null }],
    },
  ],
  episode: {
    referenceResults: [
      {
        id: 'scan',
        label: 'MRI',
        on: '2026-05-20',
        removed: false,
        answers: [
          { condition: 'acl', seen: 'present' },
          { condition: 'mcl', seen: 'absent' },
        ],
      },
      { id: 'gone', label: 'MRI', on: '2026-06-20', removed: true, answers: [{ condition: 'acl', seen: 'absent' }] },
    ],
  },
} as unknown as Course

const INKS = { font: 'sans-serif', ink: '#000', line: '#ccc', text: '#555', card: '#fff' }

describe('the curves of a knee', () => {
  it('hold a point for each visit that measured it', () => {
    const [lachman, pain] = measures(COURSE)
    expect(lachman!.points.map(({ id, value, note }) => [id, value, note])).toEqual([
      ['first', 7, 'grade 2'],
      ['second', 2, undefined],
    ])
    expect(pain!.points).toHaveLength(1)
    expect(pain!.span).toEqual(lachman!.span)
  })

  it('tell chances likeliest first, with a gap where none was told', () => {
    const [acl, mcl] = chances(COURSE)
    expect([acl!.id, acl!.points.length, Math.round(highest(acl!))]).toEqual(['acl', 1, 80])
    expect(acl!.label).toBe('Acl tear')
    expect(mcl!.points.map(({ value }) => Math.round(value))).toEqual([30, 5])
  })

  it('carry what a scan showed as a mark on its day, and reach to it', () => {
    const [acl, mcl] = chances(COURSE)
    expect([acl!.marks, mcl!.marks]).toEqual([
      [{ at: '2026-05-20', label: 'MRI: torn' }],
      [{ at: '2026-05-20', label: 'MRI: intact' }],
    ])
    expect(acl!.span).toEqual(['2026-05-01T09:00:00Z', '2026-05-20'])
    const [line] = (optionsOf(acl!, INKS) as { series: { markLine?: { data: object[] } }[] }).series
    expect(line!.markLine!.data).toEqual([{ xAxis: '2026-05-20', name: 'MRI: torn', label: { distance: 4 } }])
  })

  it('say a point in words, with its doubt, as chances are said everywhere', () => {
    const [acl] = chances(COURSE)
    expect(told(acl!, 0)).toBe('1 May 2026: 80 of 100, 70 to 90, investigate')
    expect(told(acl!, 7)).toBe('')
    expect(figure(0.2, true)).toBe('<1')
    expect(figure(4.26)).toBe('4.3')
  })

  it('leave room for the error of the hand, and stand between 0 and 100 for chances', () => {
    expect(optionsOf(measures(COURSE)[0]!, INKS).yAxis).toMatchObject({ min: 0, max: 8, interval: 2 })
    expect(optionsOf(chances(COURSE)[0]!, INKS).yAxis).toMatchObject({ min: 0, max: 100 })
    const alone = optionsOf({ ...measures(COURSE)[1]!, span: ['2026-05-01', '2026-05-01'] }, INKS).xAxis as {
      min: number
      max: number
    }
    expect((alone.min + alone.max) / 2).toBe(Date.parse('2026-05-01'))
  })

  it('name the first and the last day, and of those between what has room', () => {
    const at = (...days: string[]) => days.map((one) => ({ id: one, at: one, value: 1 }))
    const named = (...days: string[]) =>
      namedDays(at(...days), [days[0]!, days[days.length - 1]!]).map((one) => new Date(one).toISOString().slice(0, 10))
    expect(named('2026-10-22', '2026-10-24', '2026-11-08', '2026-11-11', '2026-11-29')).toEqual([
      '2026-10-22',
      '2026-11-08',
      '2026-11-29',
    ])
    expect(named('2026-10-22')).toEqual(['2026-10-22'])
    expect(named('2026-01-01', '2026-01-31', '2026-03-02', '2026-04-01', '2026-05-01')).toHaveLength(5)
  })

  it('stand on round figures, and below nothing only where a difference can', () => {
    expect(roundScale([112, 128, 140, 135, 145])).toEqual({ min: 110, max: 150, interval: 10 })
    expect(roundScale([1, 0.5, 0, -0.5])).toEqual({ min: 0, max: 1, interval: 1 })
    expect(roundScale([3])).toEqual({ min: 3, max: 4, interval: 1 })
    expect(roundScale([0, 0, -2, 2], true)).toEqual({ min: -2, max: 2, interval: 1 })
    expect(roundScale([-12, 3], true)).toEqual({ min: -15, max: 5, interval: 5 })
  })
})
