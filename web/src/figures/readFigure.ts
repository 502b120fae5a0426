import { t } from '@/messages/figures'

/** What a figure may be. */
export interface FigureRange {
  least?: number | undefined
  most?: number | undefined
  /** Only whole numbers. */
  whole?: boolean | undefined
  /** Told with the range: “From 0 to 40 mm.” */
  unit?: string | undefined
}

/** A figure as it was typed: its value, undefined for an empty field, or why it cannot be one. */
export type FigureRead = { value: number | undefined; fault: '' } | { value: undefined; fault: string }

const FIGURE = /^[-+]?(\d+\.?\d*|\.\d+)$/

/** Reads a typed figure: a comma is a decimal point, and what is out of range is refused, never moved. */
export function readFigure(typed: string, range: FigureRange = {}): FigureRead {
  const text = typed.trim().replaceAll('−', '-').replace(',', '.')
  if (text === '') return { value: undefined, fault: '' }
  if (!FIGURE.test(text)) return { value: undefined, fault: t('readFigure.notANumber') }
  const value = Number(text)
  if (range.whole === true && !Number.isInteger(value))
    return { value: undefined, fault: t('readFigure.enterAWholeNumber') }
  return isWithin(value, range) ? { value, fault: '' } : { value: undefined, fault: rangeInWords(range) }
}

export function isWithin(value: number, { least, most }: FigureRange): boolean {
  return value >= (least ?? -Infinity) && value <= (most ?? Infinity)
}

/** “Enter a number from 0 to 40 mm.” */
function rangeInWords({ least, most, unit, whole }: FigureRange): string {
  const kind = whole === true ? t('readFigure.wholeNumber') : 'number'
  const behind = unit === undefined || unit === '' ? '' : unit.startsWith('/') ? '' : unit === '°' ? '°' : ` ${unit}`
  if (least !== undefined && most !== undefined)
    return t('readFigure.enterAFromTo', { kind, least: spokenFigure(least), most: spokenFigure(most), behind })
  return least === undefined
    ? t('readFigure.enterAUpTo', { kind, most: spokenFigure(most ?? 0), behind })
    : t('readFigure.enterAFrom', { kind, least: spokenFigure(least), behind })
}

/** As it stands on screen: with a minus sign, not a hyphen. */
export function spokenFigure(value: number): string {
  return String(value).replace('-', '−')
}
