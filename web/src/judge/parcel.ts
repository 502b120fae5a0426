import { type Ref, ref } from 'vue'
import { CACHE, IMAGES, type Parcel } from './messages'

/** What `bin/lib/pack-judge.php` writes: where the parts lie, how large they are, and which rules they hold. */
export interface Manifest extends Parcel {
  /** By which rules it judges, such as `2026.6`. */
  rules: string
  /** Bytes over the line, compressed, by address. */
  bytes: Record<string, number>
  /** SHA-256 of the content in hexadecimal digits, by address. */
  sha256: Record<string, string>
}

export type Keeping = 'absent' | 'getting' | 'ready'

const MANIFEST = '/judge/manifest.json'

export interface ParcelOptions {
  /** Address of the worker's script, which comes with the page. */
  script: string
}

export interface ParcelReturn {
  keeping: Ref<Keeping>
  /** While it is being got, how much of it is here, 0 to 1. */
  share: Ref<number>
  look: () => Promise<Manifest | null>
  get: () => Promise<Manifest>
}

/** Gets the judge onto the device and says whether it is there; what an older version left goes after the newer one is whole. */
export function useParcel({ script }: ParcelOptions): ParcelReturn {
  const keeping = ref<Keeping>('absent')
  const share = ref(0)

  const parts = ({ binary, archive }: Manifest): string[] => [script, binary, archive]

  async function kept(): Promise<Manifest | null> {
    const cache = await caches.open(CACHE)
    const manifest = (await (await cache.match(MANIFEST))?.json()) as Manifest | undefined
    if (!manifest) return null
    const found = await Promise.all(parts(manifest).map((url) => cache.match(url)))
    return found.every(Boolean) ? manifest : null
  }

  async function look(): Promise<Manifest | null> {
    const manifest = await kept()
    if (keeping.value !== 'getting') keeping.value = manifest === null ? 'absent' : 'ready'
    return manifest
  }

  /**
   * The newest version, over the line only where it is not here yet.
   *
   * @throws where the line is gone; what is here already stays
   */
  async function get(): Promise<Manifest> {
    const response = await fetch(MANIFEST, { cache: 'no-cache' })
    if (!response.ok) throw new Error(`${MANIFEST} answered ${response.status}`)
    const manifest = (await response.clone().json()) as Manifest
    const cache = await caches.open(CACHE)
    const missing = []
    for (const url of parts(manifest)) if (!(await cache.match(url))) missing.push(url)
    if (missing.length > 0) {
      if (keeping.value === 'absent') keeping.value = 'getting'
      share.value = 0
      const all = missing.reduce((sum, url) => sum + (manifest.bytes[url] ?? 0), 0)
      for (const url of missing) {
        await cache.put(url, await whole(url, manifest.sha256[url]))
        share.value += all === 0 ? 0 : (manifest.bytes[url] ?? 0) / all
      }
    }
    await cache.put(MANIFEST, response)
    const now = new Set([MANIFEST, ...parts(manifest)].map((url) => new URL(url, location.origin).href))
    const image = [manifest.binary, manifest.archive, script].map((url) => url.split('/').pop()).join('+')
    for (const { url } of await cache.keys())
      if (!now.has(url) && !new URL(url).pathname.startsWith(IMAGES + image)) await cache.delete(url)
    keeping.value = 'ready'
    return manifest
  }

  return { keeping, share, look, get }
}

/**
 * @param sha256 of its content; undefined: its address alone vouches for it
 * @throws where it cannot be read, and where its content is not what was promised
 */
async function whole(url: string, sha256: string | undefined): Promise<Response> {
  const response = await fetch(url)
  if (!response.ok) throw new Error(`${url} answered ${response.status}`)
  if (sha256 === undefined) return response
  const content = await response.arrayBuffer()
  const digest = new Uint8Array(await crypto.subtle.digest('SHA-256', content))
  const hex = Array.from(digest, (byte) => byte.toString(16).padStart(2, '0')).join('')
  if (hex !== sha256) throw new Error(`${url} was damaged on the way.`)
  return new Response(content, { headers: { 'content-type': response.headers.get('content-type') ?? '' } })
}
