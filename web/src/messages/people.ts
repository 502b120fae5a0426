import en from './en/people.json'
import { room } from './room'

/** A message of `people`, filled with values. */
export const t = room(en)
