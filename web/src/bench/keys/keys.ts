import { t } from '@/messages/bench'

/** Everything on the bench that one key does, with the key it has unless the person sets another. */
export const BENCH_KEYS = [
  { action: 'bothNormal', key: 'n', says: t('keys.bothKneesNormalAndOn') },
  { action: 'next', key: 'F9', says: t('keys.nextManoeuvreWhereverTheFocusIs') },
  { action: 'back', key: 'F8', says: t('keys.previousManoeuvreWhereverTheFocusIs') },
  { action: 'undo', key: 'u', says: t('keys.undo') },
  { action: 'same', key: '1', says: t('keys.bandSame') },
  { action: 'slight', key: '2', says: t('keys.bandSlightlyMore') },
  { action: 'clear', key: '3', says: t('keys.bandClearlyMore') },
  { action: 'gross', key: '4', says: t('keys.bandGrosslyMore') },
  { action: 'firm', key: 'f', says: t('keys.endFeelFirm') },
  { action: 'soft', key: 's', says: t('keys.endFeelSoft') },
  { action: 'absent', key: 'a', says: t('keys.endFeelAbsent') },
  { action: 'hard', key: 'h', says: t('keys.endFeelHard') },
  { action: 'springy', key: 'p', says: t('keys.endFeelSpringy') },
  { action: 'checksPassed', key: 'c', says: t('keys.allChecksPassed') },
  { action: 'otherKnee', key: '[', says: t('keys.otherKnee') },
  { action: 'hurtKnee', key: ']', says: t('keys.hurtKnee') },
  { action: 'stationNext', key: 'PageDown', says: t('keys.stationAfter') },
  { action: 'stationBack', key: 'PageUp', says: t('keys.stationBefore') },
  { action: 'weighUp', key: 'w', says: t('keys.weighUpOfWhatThisManoeuvre') },
  { action: 'jump', key: '/', says: t('keys.goToAManoeuvreByName') },
  { action: 'memory', key: 'm', says: t('keys.whatFollowsIsEnteredFromMemory') },
  { action: 'help', key: '?', says: t('keys.theseKeys') },
] as const satisfies { action: string; key: string; says: string }[]

export type KeyAction = (typeof BENCH_KEYS)[number]['action']

/** Keys that a person set, by what they do. */
export type OwnKeys = Partial<Record<KeyAction, string>>

const SIGNS: Record<string, string> = {
  ArrowDown: '↓',
  ArrowUp: '↑',
  ArrowLeft: '←',
  ArrowRight: '→',
  PageDown: t('keys.pgDn'),
  PageUp: t('keys.pgUp'),
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
  if (key === ' ' || key === 'Enter') return t('keys.spaceAndEnterPressWhatHas')
  if (key === 'Tab' || key === 'Escape') return t('keys.tabAndEscapeMoveAndClose')
  if (key === 'ArrowLeft' || key === 'ArrowRight') return t('keys.leftAndRightMoveTheFigure')
  return key.length === 1 || WITHOUT_LETTER.test(key) ? null : t('keys.thisKeyCannotBeSet')
}

/** The keys with one set anew; what had that key takes over the one that becomes free, so that nothing is lost. */
export function withKey(own: OwnKeys, action: KeyAction, pressed: string): OwnKeys {
  const key = plainKey(pressed)
  const other = actionOf(key, own)
  const next = { ...own, [action]: key }
  if (other !== undefined && other !== action) next[other] = keyOf(action, own)
  return next
}
