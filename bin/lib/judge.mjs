// bin/lib/judge.mjs FILE: what the core in WebAssembly says of an examination document; a refusal ends with 1.
import { readFileSync } from 'node:fs'
import { core } from './wasm-core.mjs'

const [file] = process.argv.slice(2)
const ask = await core()
const { assessment, refusal } = await ask({ assess: JSON.parse(readFileSync(file === '-' ? 0 : file, 'utf8')) })
console.log(JSON.stringify(assessment ?? { error: refusal }, null, 4))
process.exit(assessment ? 0 : 1)
