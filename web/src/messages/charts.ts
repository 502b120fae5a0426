import en from './en/charts.json'
import { room } from './room'

/** A message of `charts`, filled with values. */
export const t = room(en)
