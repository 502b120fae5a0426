// @vitest-environment node
import { createHash } from 'node:crypto'
import { beforeEach, expect, test, vi } from 'vitest'
import { useParcel } from '@/judge/parcel'

const SCRIPT = '/build/assets/judge-1.js'
const BINARY = '/build/assets/php-1.wasm'
const ORIGIN = 'http://localhost'
const sha256 = (text: string) => createHash('sha256').update(text).digest('hex')

let kept: Map<string, Response>
let served: Record<string, string>

/** The manifest of rules in a state, and what the server hands out for it. */
function version(state: string): void {
  const archive = `/judge/archive-${state}.json`
  served = { [SCRIPT]: 'script', [BINARY]: 'binary', [archive]: `rules ${state}` }
  served['/judge/manifest.json'] = JSON.stringify({
    ...{ binary: BINARY, archive, rules: state },
    bytes: { [BINARY]: 30, [archive]: 10 },
    sha256: { [BINARY]: sha256('binary'), [archive]: sha256(`rules ${state}`) },
  })
}

beforeEach(() => {
  kept = new Map()
  version('a')
  const address = (url: string) => new URL(url, ORIGIN).href
  vi.stubGlobal('location', { origin: ORIGIN })
  vi.stubGlobal('caches', {
    open: async () => ({
      match: async (url: string) => kept.get(address(url))?.clone(),
      put: async (url: string, response: Response) => void kept.set(address(url), response),
      keys: async () => [...kept.keys()].map((url) => ({ url })),
      delete: async (url: string) => kept.delete(address(url)),
    }),
  })
  vi.stubGlobal(
    'fetch',
    async (url: string) => new Response(served[url] ?? null, { status: url in served ? 200 : 404 }),
  )
})

test('it is ready once each part is here, and an older version goes after the newer one is whole', async () => {
  const { keeping, look, get } = useParcel({ script: SCRIPT })
  expect([await look(), keeping.value]).toEqual([null, 'absent'])
  await get()
  expect([(await look())?.rules, keeping.value, kept.size]).toEqual(['a', 'ready', 4])
  version('b')
  await get()
  expect((await look())?.rules).toBe('b')
  expect([...kept.keys()].filter((url) => url.includes('archive'))).toEqual([`${ORIGIN}/judge/archive-b.json`])
})

test('a part whose content is not what was promised is not kept, and the version before stays', async () => {
  const { keeping, look, get } = useParcel({ script: SCRIPT })
  await get()
  version('b')
  served['/judge/archive-b.json'] = 'rules b, cut sh'
  await expect(get()).rejects.toThrow('/judge/archive-b.json was damaged on the way.')
  expect([(await look())?.rules, keeping.value, kept.has(`${ORIGIN}/judge/archive-b.json`)]).toEqual([
    'a',
    'ready',
    false,
  ])
  delete served['/judge/archive-b.json']
  await expect(get()).rejects.toThrow('answered 404')
})
