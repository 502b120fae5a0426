import {
  compile,
  createCoreContext,
  registerMessageCompiler,
  registerMessageResolver,
  resolveValue,
  translate,
} from '@intlify/core-base'
import { PSEUDO, pseudo } from './pseudo'

/** Which message: the screen or module, and what it is for. */
export type KeyOf<M> = { [S in keyof M & string]: `${S}.${keyof M[S] & string}` }[keyof M & string]

/**
 * What a message names by `{name}`: what is absent is left empty. `n` also chooses between the two forms of a message
 * that has them, for one and for any other number, divided by `|`.
 */
export type Values = Readonly<Record<string, string | number | null | undefined>>

const messages: Record<string, Record<string, string>> = {}
const isPseudo = globalThis.localStorage?.getItem('locale') === PSEUDO

// The core of vue-i18n without its components: the language does not change while the interface is open.
registerMessageCompiler(compile)
registerMessageResolver(resolveValue)
const catalogue = createCoreContext({
  locale: 'en',
  messages: { en: messages },
  ...(isPseudo && { postTranslation: (text: unknown) => pseudo(String(text)) }),
})

/**
 * Adds the messages of a room to the catalogue, with the code that shows them.
 *
 * @returns what gives a message of this room, filled with values
 */
export function room<M extends Record<string, Record<string, string>>>(en: M) {
  Object.assign(messages, en)
  return (key: KeyOf<M>, values: Values = {}): string => {
    const given = Object.fromEntries(Object.entries(values).map(([name, value]) => [name, value ?? '']))
    return String(translate(catalogue, key, given))
  }
}
