import en from './en/api.json'
import { room } from './room'

/** A message of `api`, filled with values. */
export const t = room(en)
