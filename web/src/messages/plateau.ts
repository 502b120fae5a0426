import en from './en/plateau.json'
import { room } from './room'

/** A message of `plateau`, filled with values. */
export const t = room(en)
