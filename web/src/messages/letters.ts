import en from './en/letters.json'
import { room } from './room'

/** A message of `letters`, filled with values. */
export const t = room(en)
