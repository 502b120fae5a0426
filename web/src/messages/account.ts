import en from './en/account.json'
import { room } from './room'

/** A message of `account`, filled with values. */
export const t = room(en)
