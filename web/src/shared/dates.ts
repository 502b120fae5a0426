import { computed, shallowRef } from 'vue'
import type { Session } from '@/contract/types'
import { t } from '@/messages/shared'

/** In which a team's days begin, and in which order it writes them. */
export type Days = Pick<NonNullable<Session['user']>, 'timeZone' | 'dateOrder'>

const DAY_MS = 86_400_000
const DATE_ONLY = /^\d{4}-\d{2}-\d{2}$/
const TYPED = /^\s*(\d{1,4})\s*[-./\s]\s*(\d{1,2})\s*[-./\s]\s*(\d{1,4})\s*$/
const PATTERNS = { dmy: 'dd.mm.yyyy', mdy: 'mm/dd/yyyy', ymd: 'yyyy-mm-dd' }

/** Of the team that is at work here; every screen follows it. */
const days = shallowRef<Days>({ timeZone: 'UTC', dateOrder: 'dmy' })

export function useTeamDays({ timeZone, dateOrder }: Days): void {
  days.value = { timeZone, dateOrder }
}

/** How a date is typed in a field, for its placeholder. */
export const datePattern = computed(() => PATTERNS[days.value.dateOrder])

const two = (part: string | number) => String(part).padStart(2, '0')

/** Day, month and year as the team writes them; a date without a time is the same day everywhere. */
function written(iso: string, options: Intl.DateTimeFormatOptions): string {
  const { timeZone, dateOrder } = days.value
  const zone = DATE_ONLY.test(iso) ? 'UTC' : timeZone
  const format = new Intl.DateTimeFormat(dateOrder === 'mdy' ? 'en-US' : 'en-GB', {
    ...options,
    timeZone: zone,
    hourCycle: 'h23',
  })
  if (dateOrder !== 'ymd') return format.format(new Date(iso))
  const parts = Object.fromEntries(format.formatToParts(new Date(iso)).map(({ type, value }) => [type, value]))
  const time = ['hour', 'minute', 'second'].flatMap((part) => (parts[part] ? [parts[part]] : [])).join(':')
  const date = [parts.year, parts.month, parts.day].filter(Boolean).join(' ')
  return [parts.weekday, date, time].filter(Boolean).join(', ')
}

/** Today where the team is, as the server takes days: YYYY-MM-DD. */
export function today(): string {
  return dayOf(new Date().toISOString())
}

/** The day that a moment belongs to: YYYY-MM-DD. */
export function dayOf(iso: string): string {
  const format = new Intl.DateTimeFormat('en-GB', {
    year: 'numeric',
    month: '2-digit',
    day: '2-digit',
    timeZone: DATE_ONLY.test(iso) ? 'UTC' : days.value.timeZone,
  })
  const parts = Object.fromEntries(format.formatToParts(new Date(iso)).map(({ type, value }) => [type, value]))
  return `${parts.year}-${parts.month}-${parts.day}`
}

/** Whole days from a day until today. */
export function daysSince(day: string): number {
  return Math.round((Date.parse(today()) - Date.parse(dayOf(day))) / DAY_MS)
}

/** Whole years from a day (YYYY-MM-DD) until today. */
export function yearsSince(born: string): number {
  const [now, then] = [today(), born]
  return Number(now.slice(0, 4)) - Number(then.slice(0, 4)) - (now.slice(5) < then.slice(5) ? 1 : 0)
}

/** A time of these days, to the minute. */
export function moment(iso: string): string {
  return written(iso, { weekday: 'short', day: 'numeric', month: 'short', hour: '2-digit', minute: '2-digit' })
}

/** A time of any year, to the minute. */
export function momentOfYear(iso: string): string {
  return written(iso, { day: 'numeric', month: 'long', year: 'numeric', hour: '2-digit', minute: '2-digit' })
}

/** A time of any year, to the second. */
export function exactMoment(iso: string): string {
  return written(iso, {
    day: 'numeric',
    month: 'short',
    year: 'numeric',
    hour: '2-digit',
    minute: '2-digit',
    second: '2-digit',
  })
}

/** The hour alone. */
export function clock(iso: string): string {
  return written(iso, { hour: '2-digit', minute: '2-digit' })
}

/** From when until when, or by when alone. */
export function span(from: string | null, by: string | null): string {
  if (by === null) return from === null ? '' : t('dates.from', { from: day(from) })
  if (from === null || from === by) return t('dates.by', { by: day(by) })
  if (days.value.dateOrder !== 'dmy') return t('dates.to', { from: day(from), by: day(by) })
  const format = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'short', year: 'numeric', timeZone: 'UTC' })
  return format.formatRange(new Date(from), new Date(by))
}

/** A day of any year. */
export function day(iso: string): string {
  return written(iso, { day: 'numeric', month: 'short', year: 'numeric' })
}

/** A day of this year. */
export function dayAndMonth(iso: string): string {
  return written(iso, { day: 'numeric', month: 'short' })
}

/** A day as it stands in a field to be typed over. */
export function typedDay(iso: string): string {
  const [year = '', month = '', date = ''] = iso.split('-')
  return iso === ''
    ? ''
    : { dmy: `${date}.${month}.${year}`, mdy: `${month}/${date}/${year}`, ymd: iso }[days.value.dateOrder]
}

/** What was typed as YYYY-MM-DD; null where it is no day. Four figures at the beginning are a year in any order. */
export function readDay(text: string): string | null {
  const [, one = '', second = '', three = ''] = TYPED.exec(text) ?? []
  if (one === '') return null
  const order = one.length === 4 ? 'ymd' : days.value.dateOrder
  const [year, month, date] = { ymd: [one, second, three], dmy: [three, second, one], mdy: [three, one, second] }[order]
  if (year?.length !== 4 || month === undefined || date === undefined) return null
  const iso = `${year}-${two(month)}-${two(date)}`
  const read = new Date(iso)
  return Number.isNaN(read.getTime()) || read.toISOString().slice(0, 10) !== iso ? null : iso
}
