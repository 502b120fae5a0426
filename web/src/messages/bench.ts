import en from './en/bench.json'
import { room } from './room'

/** A message of `bench`, filled with values. */
export const t = room(en)
