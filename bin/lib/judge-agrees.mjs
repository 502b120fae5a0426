// bin/lib/judge-agrees.mjs HOW_MANY SEED: the core in WebAssembly answers as PHP on the server does: the same words, codes
// and order, numbers within 1e-12. They differ in their last place where the server's processor multiplies and adds at once.
import { execFileSync } from 'node:child_process'
import { core } from './wasm-core.mjs'

const CLOSE = 1e-12
const [many = '100', seed = '1'] = process.argv.slice(2)
const php = (process.env.PHP_CLI_OPTIONS ?? '').split(' ').filter(Boolean)
const cases = execFileSync('php', [...php, 'bin/lib/judge-cases.php', many, seed], {
  maxBuffer: 1 << 30,
  encoding: 'utf8',
})
  .trim()
  .split('\n')
  .map((line) => JSON.parse(line))

/** @returns {string | null} the first place at which they differ */
function difference(here, there, path = '') {
  if (typeof here === 'number' && typeof there === 'number')
    return Math.abs(here - there) <= CLOSE * Math.max(1, Math.abs(there)) ? null : `${path}: ${here} for ${there}`
  if (here === null || there === null || typeof here !== 'object' || typeof there !== 'object')
    return here === there ? null : `${path}: ${JSON.stringify(here)} for ${JSON.stringify(there)}`
  const keys = Object.keys(there)
  if (Object.keys(here).join() !== keys.join()) return `${path}: has ${Object.keys(here).join()} for ${keys.join()}`
  for (const key of keys) {
    const found = difference(here[key], there[key], `${path}.${key}`)
    if (found !== null) return found
  }
  return null
}

const ask = await core()
const wrong = []
let exact = 0
for (const { name, question, answer } of cases) {
  const here = await ask(question)
  const found = difference(here, answer)
  if (found !== null) wrong.push(`${name}${found}`)
  if (JSON.stringify(here) === JSON.stringify(answer)) exact++
}
console.log(`${cases.length} questions, ${exact} answered byte by byte the same, ${wrong.length} otherwise`)
for (const line of wrong.slice(0, 10)) console.log(`  ${line.slice(0, 300)}`)
process.exit(wrong.length === 0 && cases.length > 0 ? 0 : 1)
