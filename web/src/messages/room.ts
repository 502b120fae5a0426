import { createI18n } from 'vue-i18n'
import { PSEUDO, pseudo } from './pseudo'

/** Which message: the screen or module, and what it is for. */
export type KeyOf<M> = { [S in keyof M & string]: `${S}.${keyof M[S] & string}` }[keyof M & string]

/**
 * What a message names by `{name}`: what is absent is left empty. `n` also chooses between the two forms of a message
 * that has them, for one and for any other number, divided by `|`.
 */
export type Values = Readonly<Record<string, string | number | null | undefined>>

const isPseudo = globalThis.localStorage?.getItem('locale') === PSEUDO
const i18n = createI18n({
  legacy: false,
  locale: 'en',
  messages: { en: {} },
  postTranslation: isPseudo ? (text) => (typeof text === 'string' ? pseudo(text) : text) : undefined,
})

/**
 * Adds the messages of a room to the catalogue, with the code that shows them.
 *
 * @returns what gives a message of this room, filled with values
 */
export function room<M extends Record<string, Record<string, string>>>(en: M) {
  i18n.global.mergeLocaleMessage('en', en)
  return (key: KeyOf<M>, values: Values = {}): string =>
    i18n.global.t(key, Object.fromEntries(Object.entries(values).map(([name, value]) => [name, value ?? ''])))
}
