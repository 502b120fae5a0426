/** Everything on the bench that one key does, with the key it has unless the person sets another. */
export const BENCH_KEYS = [
  { action: 'bothNormal', key: 'n', says: 'both knees normal, and on' },
  { action: 'next', key: 'F9', says: 'next manoeuvre, wherever the focus is' },
  { action: 'back', key: 'F8', says: 'previous manoeuvre, wherever the focus is' },
  { action: 'undo', key: 'u', says: 'undo' },
  { action: 'same', key: '1', says: 'band: same' },
  { action: 'slight', key: '2', says: 'band: slightly more' },
  { action: 'clear', key: '3', says: 'band: clearly more' },
  { action: 'gross', key: '4', says: 'band: grossly more' },
  { action: 'firm', key: 'f', says: 'end feel firm' },
  { action: 'soft', key: 's', says: 'end feel soft' },
  { action: 'absent', key: 'a', says: 'end feel absent' },
  { action: 'hard', key: 'h', says: 'end feel hard' },
  { action: 'springy', key: 'p', says: 'end feel springy' },
  { action: 'checksPassed', key: 'c', says: 'all checks passed' },
  { action: 'otherKnee', key: '[', says: 'other knee' },
  { action: 'hurtKnee', key: ']', says: 'hurt knee' },
  { action: 'stationNext', key: 'PageDown', says: 'station after' },
  { action: 'stationBack', key: 'PageUp', says: 'station before' },
  { action: 'weighUp', key: 'w', says: 'weigh-up of what this manoeuvre tests' },
  { action: 'jump', key: '/', says: 'go to a manoeuvre by name' },
  { action: 'memory', key: 'm', says: 'what follows is entered from memory' },
  { action: 'help', key: '?', says: 'these keys' },
] as const satisfies { action: string; key: string; says: string }[]

export type KeyAction = (typeof BENCH_KEYS)[number]['action']

/** Keys that a person set, by what they do. */
export type OwnKeys = Partial<Record<KeyAction, string>>

const SIGNS: Record<string, string> = {
  ArrowDown: '↓',
  ArrowUp: '↑',
  ArrowLeft: '←',
  ArrowRight: '→',
  PageDown: 'Pg dn',
  PageUp: 'Pg up',
}
const WITHOUT_LETTER = /^(F\d{1,2}|Page(Up|Down)|Arrow(Up|Down)|Home|End|Insert|Delete|Backspace|Media\w+)$/

/** Do the same where no control has the focus, and so none has a use for them. */
export const FREE_KEYS: Record<string, KeyAction> = { ArrowDown: 'next', ArrowUp: 'back' }

/** Keys that no control uses: they work in text fields too. */
export function isFunctionKey(key: string): boolean {
  return /^F\d{1,2}$/.test(key)
}

/** As it stands on the key. */
export function spokenKey(key: string): string {
  return SIGNS[key] ?? (key.length === 1 ? key.toUpperCase() : key)
}

/** Large and small letters are one key. */
function plainKey(key: string): string {
  return key.length === 1 ? key.toLowerCase() : key
}

/** Which key does it now. */
export function keyOf(action: KeyAction, own: OwnKeys): string {
  return own[action] ?? BENCH_KEYS.find((one) => one.action === action)!.key
}

export function actionOf(key: string, own: OwnKeys): KeyAction | undefined {
  return BENCH_KEYS.find(({ action }) => keyOf(action, own) === plainKey(key))?.action
}

/** Why this key cannot be set, or null where it can. */
export function whyNot(key: string): string | null {
  if (key === ' ' || key === 'Enter') return 'Space and Enter press what has the focus.'
  if (key === 'Tab' || key === 'Escape') return 'Tab and Escape move and close.'
  if (key === 'ArrowLeft' || key === 'ArrowRight') return 'Left and right move the figure on a rule.'
  return key.length === 1 || WITHOUT_LETTER.test(key) ? null : 'This key cannot be set.'
}

/** The keys with one set anew; what had that key takes over the one that becomes free, so that nothing is lost. */
export function withKey(own: OwnKeys, action: KeyAction, pressed: string): OwnKeys {
  const key = plainKey(pressed)
  const other = actionOf(key, own)
  const next = { ...own, [action]: key }
  if (other !== undefined && other !== action) next[other] = keyOf(action, own)
  return next
}
