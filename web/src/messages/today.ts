import en from './en/today.json'
import { room } from './room'

/** A message of the first screen, filled with values; apart from the other views, which it would make wait. */
export const t = room(en)
