// What the first screen after log-in asks for, compressed, in kB; fails above the budget.
import { readFileSync } from 'node:fs'
import { gzipSync } from 'node:zlib'

const BUDGET_KB = 230
const BUILD = 'public/build'
const manifest = JSON.parse(readFileSync(`${BUILD}/.vite/manifest.json`, 'utf8'))

/** A chunk, all that it imports, and the styles of both; what is imported later is not part of it. */
function files(name, found = new Set()) {
  const chunk = manifest[name]
  if (found.has(chunk.file)) return found
  found.add(chunk.file)
  for (const style of chunk.css ?? []) found.add(style)
  for (const other of chunk.imports ?? []) files(other, found)
  return found
}

const needed = new Set([...files('web/src/main.ts'), ...files('web/src/views/TodayView.vue')])
const kb = [...needed].reduce((sum, file) => sum + gzipSync(readFileSync(`${BUILD}/${file}`)).length, 0) / 1024
console.log(`first load after log-in: ${kb.toFixed(0)} kB compressed of at most ${BUDGET_KB}, in ${needed.size} files`)
process.exitCode = kb > BUDGET_KB ? 1 : 0
