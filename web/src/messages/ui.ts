import en from './en/ui.json'
import { room } from './room'

/** A message of `ui`, filled with values. */
export const t = room(en)
