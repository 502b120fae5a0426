import en from './en/stores.json'
import { room } from './room'

/** A message of `stores`, filled with values. */
export const t = room(en)
