import en from './en/figures.json'
import { room } from './room'

/** A message of `figures`, filled with values. */
export const t = room(en)
