import './standIns'
import PHP, { type Php } from 'php-wasm/php8.3-web.mjs'
import { type Asked, CACHE, type Parcel, type Told } from './messages'

/** The core in its own language: questions go in as files and answers come out as files, never inside code. */
const FOLDER = '/judge'
const INI = 'serialize_precision=-1\nmemory_limit=-1\ndisplay_errors=stderr\n'
/** It judges an example first: what is read and compiled for it need not be read for the first that counts. */
const BEGIN = `require '${FOLDER}/core.php'; $judge->answer((string) file_get_contents('${FOLDER}/first.json'));`
const ANSWER = `file_put_contents('${FOLDER}/answer.json', $judge->answer((string) file_get_contents('${FOLDER}/question.json')));`

let runtime: Php
const said: number[] = []

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

async function start({ binary, archive }: Parcel): Promise<void> {
  const [wasm, files] = await Promise.all([
    read(binary).then((response) => response.arrayBuffer()),
    read(archive).then((response) => response.json() as Promise<Record<string, string>>),
  ])
  runtime = await (new PHP({
    wasmBinary: wasm,
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
  await run(BEGIN)
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
  const work =
    'start' in data
      ? start(data.start).then(() => tell({ started: true }))
      : answer(data.question).then((text) => tell({ id: data.id, answer: text }))
  work.catch((error: unknown) => tell({ id, failed: error instanceof Error ? error.message : String(error) }))
})
