import en from './en/sync.json'
import { room } from './room'

/** A message of `sync`, filled with values. */
export const t = room(en)
