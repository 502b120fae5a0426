import { t } from '@/messages/shared'

export function capital(text: string): string {
  return text.charAt(0).toUpperCase() + text.slice(1)
}

/** A chance in (0, 1) as whole knees in a hundred; never 0 or 100, since neither is known. */
export function inHundred(chance: number): string {
  if (chance < 0.005) return '<1'
  if (chance >= 0.995) return '>99'
  return String(Math.round(chance * 100))
}

/** An interval of chances in whole knees in a hundred; ends that read the same are told once. */
export function rangeInHundred([low = 0, high = 1]: readonly number[]): string {
  const [from, to] = [inHundred(low), inHundred(high)]
  return from === to ? from : t('words.to', { from, to })
}

export function signed(value: number): string {
  const rounded = Math.round(value * 10) / 10
  return rounded > 0 ? `+${rounded}` : String(rounded).replace('-', '−')
}

/** A likelihood ratio with as many digits as it deserves. */
export function ratio(value: number): string {
  return value >= 10 ? value.toFixed(0) : value >= 1 ? value.toFixed(1) : value.toFixed(2)
}

/** A knee inside a sentence. */
export function kneeOf(side: string): string {
  return side === 'left' ? t('words.leftKnee') : t('words.rightKnee')
}

/** A knee by the letter of its side. */
export function letterOf(side: string): string {
  return side === 'left' ? t('words.leftLetter') : t('words.rightLetter')
}

/** How many days lie between an earlier day and now. */
export function daysAgo(days: number): string {
  return days === 0 ? t('words.today') : days === 1 ? t('words.yesterday') : t('words.daysAgo', { days })
}
