/** What a result of the history has in place of a manoeuvre. */
const HISTORY = 'history'

/** Whether a hand found it, and it was not told. */
export function isByHand({ manoeuvre }: { manoeuvre: string }): boolean {
  return manoeuvre !== HISTORY
}
