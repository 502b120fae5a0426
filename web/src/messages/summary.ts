import en from './en/summary.json'
import { room } from './room'

/** A message of `summary`, filled with values. */
export const t = room(en)
