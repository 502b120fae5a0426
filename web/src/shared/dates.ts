const MOMENT = new Intl.DateTimeFormat('en-GB', {
  weekday: 'short',
  day: 'numeric',
  month: 'short',
  hour: '2-digit',
  minute: '2-digit',
})
const DAY = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'short', year: 'numeric' })

/** A time of these days, to the minute. */
export function moment(iso: string): string {
  return MOMENT.format(new Date(iso))
}

/** A day of any year. */
export function day(iso: string): string {
  return DAY.format(new Date(iso))
}
