import en from './en/exchange.json'
import { room } from './room'

/** A message of `exchange`, filled with values. */
export const t = room(en)
