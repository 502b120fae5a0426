import en from './en/shared.json'
import { room } from './room'

/** A message of `shared`, filled with values. */
export const t = room(en)
