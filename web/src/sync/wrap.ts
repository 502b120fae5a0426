import { createStore, del, entries, get, set } from 'idb-keyval'

/**
 * The device key of a person, wrapped by a key that only their password makes: with it the device opens without the
 * server. It lies beside what it opens, so that the password is all that guards it.
 */
interface Wrapped {
  salt: Uint8Array<ArrayBuffer>
  iv: Uint8Array<ArrayBuffer>
  data: ArrayBuffer
  /** Wrong passwords since the last right one. */
  tries: number
  /** When the server last said that this session is good (ISO 8601). */
  contactAt: string
}

/** What a password opened. */
export interface Unwrapped {
  /** Id of the person. */
  user: string
  deviceKey: string
}

/** PBKDF2 with SHA-256; what OWASP's password storage cheat sheet asks for at least (2023). */
const ROUNDS = 600_000
const SALT_BYTES = 16
const IV_BYTES = 12
/** Shorter passwords are guessed too soon by a thief who has the device. */
const LEAST_LETTERS = 12
const MOST_TRIES = 10
const LONGEST_MS = 7 * 86_400_000

let store: ReturnType<typeof createStore> | undefined
const place = () => (store ??= createStore('gray-compass-wrap', 'wrapped'))
const canWrap = () => globalThis.crypto?.subtle !== undefined && globalThis.indexedDB !== undefined

async function keyOf(email: string, password: string, salt: Uint8Array<ArrayBuffer>): Promise<CryptoKey> {
  const bytes = new TextEncoder()
  const base = await crypto.subtle.importKey('raw', bytes.encode(password), 'PBKDF2', false, ['deriveKey'])
  const own = bytes.encode(email.trim().toLowerCase())
  const salted = new Uint8Array([...salt, ...own])
  return crypto.subtle.deriveKey(
    { name: 'PBKDF2', hash: 'SHA-256', iterations: ROUNDS, salt: salted },
    base,
    { name: 'AES-GCM', length: 256 },
    false,
    ['encrypt', 'decrypt'],
  )
}

/** Wraps the key of a person who has just logged in; a password of fewer than twelve letters wraps none. */
export async function wrapKey({ user, deviceKey }: Unwrapped, email: string, password: string): Promise<void> {
  if (!canWrap() || password.length < LEAST_LETTERS) return
  const [salt, iv] = [new Uint8Array(SALT_BYTES), new Uint8Array(IV_BYTES)].map((bytes) =>
    crypto.getRandomValues(bytes),
  ) as [Uint8Array<ArrayBuffer>, Uint8Array<ArrayBuffer>]
  const key = await keyOf(email, password, salt)
  const data = await crypto.subtle.encrypt({ name: 'AES-GCM', iv }, key, new TextEncoder().encode(deviceKey))
  await set(user, { salt, iv, data, tries: 0, contactAt: new Date().toISOString() } satisfies Wrapped, place())
}

/** Whether a password opens this device; keys that the server has not confirmed for a week are let go. */
export async function isWrapped(): Promise<boolean> {
  return (await fresh()).length > 0
}

/** How many wrong passwords are left before the key that bears them longest is let go. */
export async function triesLeft(): Promise<number> {
  return MOST_TRIES - Math.max(0, ...(await fresh()).map(([, { tries }]) => tries))
}

/** Null where the password opens nothing here; after ten wrong ones nothing opens here any more. */
export async function unwrapKey(email: string, password: string): Promise<Unwrapped | null> {
  for (const [user, wrapped] of await fresh()) {
    try {
      const key = await keyOf(email, password, wrapped.salt)
      const plain = await crypto.subtle.decrypt({ name: 'AES-GCM', iv: wrapped.iv }, key, wrapped.data)
      await set(user, { ...wrapped, tries: 0 }, place())
      return { user, deviceKey: new TextDecoder().decode(plain) }
    } catch {
      const tries = wrapped.tries + 1
      await (tries >= MOST_TRIES ? forgetKey(user) : set(user, { ...wrapped, tries }, place()))
    }
  }
  return null
}

/** The server has just said that the session of this person is good. */
export async function confirmKey(user: string): Promise<void> {
  if (!canWrap()) return
  const wrapped = await get<Wrapped>(user, place())
  if (wrapped) await set(user, { ...wrapped, contactAt: new Date().toISOString() }, place())
}

/** @param user id of the person; none: of everybody */
export async function forgetKey(user?: string): Promise<void> {
  if (!canWrap()) return
  for (const [name] of await entries<string, Wrapped>(place()))
    if (user === undefined || name === user) await del(name, place())
}

async function fresh(): Promise<[string, Wrapped][]> {
  if (!canWrap()) return []
  const found: [string, Wrapped][] = []
  for (const [user, wrapped] of await entries<string, Wrapped>(place()))
    if (Date.now() - Date.parse(wrapped.contactAt) < LONGEST_MS) found.push([user, wrapped])
    else await del(user, place())
  return found
}
