import en from './en/frame.json'
import { room } from './room'

/** A message of `frame`, filled with values. */
export const t = room(en)
