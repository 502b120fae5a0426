import './standIns'
import PHP, { type Php } from 'php-wasm/php8.3-web.mjs'
import { imageOf, pagesOf, restore } from './image'
import { type Asked, CACHE, IMAGES, type Parcel, type Told } from './messages'

/** The core in its own language: questions go in as files and answers come out as files, never inside code. */
const FOLDER = '/judge'
const INI = 'serialize_precision=-1\nmemory_limit=-1\ndisplay_errors=stderr\n'
const BEGIN = `require '${FOLDER}/core.php';`
const ANSWER = `file_put_contents('${FOLDER}/answer.json', $judge->answer((string) file_get_contents('${FOLDER}/question.json')));`
/** Questions of the archive's own: what is read and compiled for them need not be read for the first that counts. */
const [FIRST, SECOND] = ['first.json', 'second.json'] as const
/** As many as the binary begins with (64 kB each). */
const PAGES = 2048
const MOST_PAGES = 65536
/** Past this the worker is replaced: nothing but the answers should stay. */
const MOST_BYTES = 256 * 2 ** 20
/** So long after the start, with nothing asked, memory is kept for the next one (ms). */
const IDLE_MS = 3_000

let runtime: Php
let memory: WebAssembly.Memory
const said: number[] = []
/** What a person's knee was asked about stands in memory from then on: that is kept nowhere. */
let isAsked = false
let last: Promise<unknown> = Promise.resolve()

/** One thing after the other: the core takes no two calls at once. */
function inTurn<T>(work: () => Promise<T>): Promise<T> {
  const next = last.then(work, work)
  last = next
  return next
}

/** From the device, where it is kept there. */
async function read(url: string): Promise<Response> {
  const kept = await (await caches.open(CACHE)).match(url)
  const response = kept ?? (await fetch(url))
  if (!response.ok) throw new Error(`${url} answered ${response.status}`)
  return response
}

async function run(code: string): Promise<void> {
  said.length = 0
  const status = await runtime.ccall('pib_run', 'number', ['string'], [code], { async: true })
  if (status !== 0 || said.length > 0)
    throw new Error(`PHP ended with ${status}: ${new TextDecoder().decode(Uint8Array.from(said)).slice(0, 500)}`)
}

/** PHP with the files of the archive, and nothing run yet. */
async function make(wasm: WebAssembly.Module, files: Record<string, string>, pages: number): Promise<void> {
  memory = new WebAssembly.Memory({ initial: pages, maximum: MOST_PAGES })
  runtime = await (new PHP({
    instantiateWasm: (
      imports: WebAssembly.Imports,
      done: (made: WebAssembly.Instance, of: WebAssembly.Module) => void,
    ) => {
      void WebAssembly.instantiate(wasm, imports).then((instance) => done(instance, wasm))
      return {}
    },
    wasmMemory: memory,
    // Part of the module, but nothing that the core asks for.
    locateFile: (path: string) => (path === 'libxml2.so' ? 'data:,' : path),
    stdin: () => null,
    stdout: (byte: number) => void said.push(byte),
    stderr: (byte: number) => void said.push(byte),
    onRefresh: new Set(),
  }) as unknown as Promise<Php>)
  await runtime.ccall('pib_storage_init', 'number', [], [], { async: true })
  runtime.FS.writeFile('/php.ini', INI)
  runtime.FS.mkdir(FOLDER)
  for (const [name, text] of Object.entries(files)) runtime.FS.writeFile(`${FOLDER}/${name}`, text)
  await runtime.ccall('pib_init', 'number', ['string'], ['embed'], { async: true })
}

/** @returns whether memory was put back as an earlier start left it */
async function start({ binary, archive }: Parcel): Promise<boolean> {
  const [wasm, files] = await Promise.all([
    WebAssembly.compileStreaming(read(binary)),
    read(archive).then((response) => response.json() as Promise<Record<string, string>>),
  ])
  const name = IMAGES + [binary, archive, location.pathname].map((url) => url.split('/').pop()).join('+')
  if (await startFromImage(name, wasm, files)) return true
  await make(wasm, files, PAGES)
  await run(BEGIN)
  await answer(files[FIRST] ?? '')
  setTimeout(() => void inTurn(() => keepImage(name, files)), IDLE_MS)
  return false
}

/** An image that does not answer as it did when it was kept is thrown away. */
async function startFromImage(name: string, wasm: WebAssembly.Module, files: Record<string, string>): Promise<boolean> {
  const cache = await caches.open(CACHE)
  try {
    const [image, expected] = await Promise.all(
      [name, `${name}.answer`].map(async (url) => (await cache.match(url))?.arrayBuffer()),
    )
    if (image === undefined || expected === undefined) return false
    await make(wasm, files, pagesOf(image))
    restore(memory, image)
    if ((await answer(files[FIRST] ?? '')) === new TextDecoder().decode(expected)) return true
  } catch {
    // It is started from the archive, as if there had been none.
  }
  await cache.delete(name)
  return false
}

async function keepImage(name: string, files: Record<string, string>): Promise<void> {
  if (isAsked) return
  await answer(files[SECOND] ?? '')
  const first = await answer(files[FIRST] ?? '')
  if (isAsked) return
  const cache = await caches.open(CACHE)
  await cache.put(`${name}.answer`, new Response(first))
  await cache.put(name, new Response(imageOf(memory)))
}

async function answer(question: string): Promise<string> {
  runtime.FS.writeFile(`${FOLDER}/question.json`, question)
  runtime.FS.writeFile(`${FOLDER}/answer.json`, '')
  await run(ANSWER)
  return runtime.FS.readFile(`${FOLDER}/answer.json`, { encoding: 'utf8' })
}

function tell(told: Told): void {
  postMessage(told)
}

addEventListener('message', ({ data }: MessageEvent<Asked>) => {
  const id = 'id' in data ? data.id : null
  isAsked ||= 'question' in data
  const work =
    'start' in data
      ? inTurn(() => start(data.start)).then((isRestored) => tell({ started: true, isRestored }))
      : inTurn(() => answer(data.question)).then((text) =>
          tell({ id: data.id, answer: text, isFull: memory.buffer.byteLength > MOST_BYTES }),
        )
  work.catch((error: unknown) => tell({ id, failed: error instanceof Error ? error.message : String(error) }))
})
