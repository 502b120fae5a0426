import { afterEach, beforeEach, expect, test, vi } from 'vitest'
import {
  clock,
  datePattern,
  day,
  dayOf,
  daysSince,
  exactMoment,
  moment,
  readDay,
  span,
  today,
  typedDay,
  useTeamDays,
} from '@/shared/dates'

beforeEach(() => void vi.useFakeTimers({ now: new Date('2026-11-29T23:58:00Z') }))
afterEach(() => {
  vi.useRealTimers()
  useTeamDays({ timeZone: 'UTC', dateOrder: 'dmy' })
})

test.each([
  ['Europe/Berlin', '2026-11-30', 1],
  ['UTC', '2026-11-29', 0],
  ['America/Los_Angeles', '2026-11-29', 0],
  ['Australia/Sydney', '2026-11-30', 1],
  ['Pacific/Kiritimati', '2026-11-30', 1],
])('in %s it is %s, two minutes before midnight UTC', (timeZone, date, since) => {
  useTeamDays({ timeZone, dateOrder: 'dmy' })
  expect(today()).toBe(date)
  expect(daysSince('2026-11-29')).toBe(since)
  expect(dayOf('2026-11-29')).toBe('2026-11-29')
})

test('over the end of summer time a day is a day', () => {
  vi.setSystemTime(new Date('2026-10-26T00:30:00Z'))
  useTeamDays({ timeZone: 'Europe/Berlin', dateOrder: 'dmy' })
  expect(daysSince('2026-10-24')).toBe(2)
  expect(clock('2026-10-25T00:30:00Z')).toBe('02:30')
  expect(clock('2026-10-25T01:30:00Z')).toBe('02:30')
})

test.each([
  ['dmy', 'dd.mm.yyyy', '3 May 2026', '03.05.2026'],
  ['mdy', 'mm/dd/yyyy', 'May 3, 2026', '05/03/2026'],
  ['ymd', 'yyyy-mm-dd', '2026 May 3', '2026-05-03'],
] as const)('in the order %s days are written and typed alike', (dateOrder, pattern, written, typed) => {
  useTeamDays({ timeZone: 'Europe/Berlin', dateOrder })
  expect(datePattern.value).toBe(pattern)
  expect(day('2026-05-03')).toBe(written)
  expect(typedDay('2026-05-03')).toBe(typed)
  expect(readDay(typed)).toBe('2026-05-03')
  expect(readDay('2026-05-03')).toBe('2026-05-03')
  expect(day('2026-05-02T22:30:00Z')).toBe(written)
})

test.each(['', 'soon', '31.2.2026', '1.1.26', '0.5.2026', '2026-13-01'])('“%s” is no day', (text) => {
  expect(readDay(text)).toBeNull()
})

test('times follow the zone, with the order of the team', () => {
  useTeamDays({ timeZone: 'Europe/Berlin', dateOrder: 'ymd' })
  expect(moment('2026-05-03T12:05:00Z')).toBe('Sun, May 3, 14:05')
  expect(exactMoment('2026-05-03T12:05:09Z')).toBe('2026 May 3, 14:05:09')
  expect(span('2026-05-03', '2026-05-08')).toBe('2026 May 3 to 2026 May 8')
  useTeamDays({ timeZone: 'UTC', dateOrder: 'dmy' })
  expect(span('2026-05-03', '2026-05-08')).toMatch(/^3.{1,3}8 May 2026$/)
  expect(span(null, '2026-05-08')).toBe('by 8 May 2026')
})
