import en from './en/weighup.json'
import { room } from './room'

/** A message of `weighup`, filled with values. */
export const t = room(en)
