import { createStore, del, get, keys, set } from 'idb-keyval'

/**
 * What this device keeps for a person: in IndexedDB, encrypted with a key that the server gives at log-in and that is
 * never stored beside it. Names carry the person, so that nobody takes over what is another's.
 */
export interface Vault {
  /** Id of the person whose it is. */
  user: string
  /** Names of what is kept, those that begin so. */
  names: (beginning: string) => Promise<string[]>
  /** Null where nothing is kept, or where it cannot be opened with this key. */
  read: <T>(name: string) => Promise<T | null>
  /** @throws where the device has no room, or lets nothing be kept */
  write: (name: string, value: unknown) => Promise<void>
  remove: (name: string) => Promise<void>
}

interface Encrypted {
  iv: Uint8Array<ArrayBuffer>
  data: ArrayBuffer
}

const IV_BYTES = 12
let store: ReturnType<typeof createStore> | undefined
let opened: Vault | null = null

/** The vault of the user who is logged in; null before that, and where the browser has no means to encrypt. */
export function vault(): Vault | null {
  return opened
}

/**
 * @param user id of the person
 * @param deviceKey 32 bytes in base64
 */
export async function openVault(user: string, deviceKey: string): Promise<void> {
  opened = null
  if (globalThis.crypto?.subtle === undefined || globalThis.indexedDB === undefined) return
  try {
    const bytes = Uint8Array.from(atob(deviceKey), (letter) => letter.charCodeAt(0))
    const key = await crypto.subtle.importKey('raw', bytes, 'AES-GCM', false, ['encrypt', 'decrypt'])
    store ??= createStore('gray-compass', 'sealed')
    opened = sealedWith(key, user, store)
  } catch {
    // Nothing is kept then, and the state of saving says so; nobody is kept from working.
    opened = null
  }
}

export function closeVault(): void {
  opened = null
}

function sealedWith(key: CryptoKey, user: string, place: ReturnType<typeof createStore>): Vault {
  const own = `${user}/`
  return {
    user,
    async names(beginning) {
      const all = await keys<string>(place)
      return all.filter((name) => name.startsWith(own + beginning)).map((name) => name.slice(own.length))
    },
    async read<T>(name: string) {
      const encrypted = await get<Encrypted>(own + name, place)
      if (encrypted === undefined) return null
      try {
        const plain = await crypto.subtle.decrypt({ name: 'AES-GCM', iv: encrypted.iv }, key, encrypted.data)
        return JSON.parse(new TextDecoder().decode(plain)) as T
      } catch {
        return null
      }
    },
    async write(name, value) {
      const iv = crypto.getRandomValues(new Uint8Array(IV_BYTES))
      const plain = new TextEncoder().encode(JSON.stringify(value))
      const encrypted: Encrypted = { iv, data: await crypto.subtle.encrypt({ name: 'AES-GCM', iv }, key, plain) }
      await set(own + name, encrypted, place)
    },
    remove: (name) => del(own + name, place),
  }
}
