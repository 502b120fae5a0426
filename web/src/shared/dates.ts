const MOMENT = new Intl.DateTimeFormat('en-GB', {
  weekday: 'short',
  day: 'numeric',
  month: 'short',
  hour: '2-digit',
  minute: '2-digit',
})
const DAY = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'short', year: 'numeric' })

/** Today where the person is, as the server takes days: YYYY-MM-DD. */
export function today(): string {
  const now = new Date()
  const two = (part: number) => String(part).padStart(2, '0')
  return `${now.getFullYear()}-${two(now.getMonth() + 1)}-${two(now.getDate())}`
}

/** A time of these days, to the minute. */
export function moment(iso: string): string {
  return MOMENT.format(new Date(iso))
}

/** From when until when, or by when alone. */
export function span(from: string | null, by: string | null): string {
  if (by === null) return from === null ? '' : `from ${day(from)}`
  return from !== null && from !== by ? DAY.formatRange(new Date(from), new Date(by)) : `by ${day(by)}`
}

/** A day of any year. */
export function day(iso: string): string {
  return DAY.format(new Date(iso))
}
