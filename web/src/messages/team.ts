import en from './en/team.json'
import { room } from './room'

/** A message of `team`, filled with values. */
export const t = room(en)
