// The packed core in the WebAssembly binary that browsers get, run by Node.js.
import { readFileSync } from 'node:fs'
import PHP from 'php-wasm/php8.3-node.mjs'

const FOLDER = '/judge'
const ANSWER = `file_put_contents('${FOLDER}/answer.json', $judge->answer((string) file_get_contents('${FOLDER}/question.json')));`

/** @returns {Promise<(question: object) => Promise<object>>} asks the core one question */
export async function core() {
  const manifest = JSON.parse(readFileSync('public/judge/manifest.json', 'utf8'))
  const archive = JSON.parse(readFileSync(`public${manifest.archive}`, 'utf8'))
  const said = []
  const php = await new PHP({
    wasmBinary: readFileSync(`public${manifest.binary}`),
    locateFile: (path) => (path === 'libxml2.so' ? 'data:,' : path),
    stdin: () => null,
    stdout: (byte) => void said.push(byte),
    stderr: (byte) => void said.push(byte),
    onRefresh: new Set(),
  })
  const run = async (code) => {
    const status = await php.ccall('pib_run', 'number', ['string'], [code], { async: true })
    if (status !== 0 || said.length > 0)
      throw new Error(`PHP ended with ${status}: ${Buffer.from(said).toString().slice(0, 1000)}`)
  }
  await php.ccall('pib_storage_init', 'number', [], [], { async: true })
  php.FS.writeFile('/php.ini', 'serialize_precision=-1\nmemory_limit=-1\n')
  php.FS.mkdir(FOLDER)
  for (const [name, text] of Object.entries(archive)) php.FS.writeFile(`${FOLDER}/${name}`, text)
  await php.ccall('pib_init', 'number', ['string'], ['embed'], { async: true })
  await run(`require '${FOLDER}/core.php';`)
  return async (question) => {
    php.FS.writeFile(`${FOLDER}/question.json`, JSON.stringify(question))
    await run(ANSWER)
    return JSON.parse(php.FS.readFile(`${FOLDER}/answer.json`, { encoding: 'utf8' }))
  }
}
