import type { Cell, Value } from '@/contract/types'

/** What a control shows of a value: undefined where it holds something else, or nothing. */
export const asText = (value: Value): string | undefined => (typeof value === 'string' ? value : undefined)
export const asNumber = (value: Value): number | undefined => (typeof value === 'number' ? value : undefined)
export const asAnswer = (value: Value): boolean | undefined => (typeof value === 'boolean' ? value : undefined)

export function asWords(value: Value): string[] | undefined {
  return Array.isArray(value) ? value.filter((word): word is string => typeof word === 'string') : undefined
}

export function asCells(value: Value): Cell[] | undefined {
  return Array.isArray(value)
    ? value.filter((cell): cell is Cell => typeof cell === 'object' && 'rotation' in cell)
    : undefined
}
