import en from './en/views.json'
import { room } from './room'

/** A message of `views`, filled with values. */
export const t = room(en)
