import en from './en/instruments.json'
import { room } from './room'

/** A message of `instruments`, filled with values. */
export const t = room(en)
