// How much of web/src the tests reach, those of Vitest and those in the browser together; fails below the percentage
// that is given. A line is reached where either of them ran it.
import { existsSync, readFileSync, readdirSync } from 'node:fs'
import { relative } from 'node:path'
import coverage from 'istanbul-lib-coverage'
import { CoverageReport } from 'monocart-coverage-reports'

const [, , raw, unit, least] = process.argv
const BUILD = 'public/build/'

const pathOf = (url) => BUILD + new URL(url).pathname.replace(/^\/build\//, '')

/** What is bundled from packages alone has no map; none of its lines are ours. */
const isOurs = ({ url }) => existsSync(`${pathOf(url)}.map`)

/** The scripts as they were built, with where each place in them comes from; a browser need not send them along. */
const built = new Map()
function script(url) {
  const path = pathOf(url)
  if (!built.has(path))
    built.set(path, {
      source: readFileSync(path, 'utf8'),
      sourceMap: JSON.parse(readFileSync(`${path}.map`, 'utf8')),
    })
  return built.get(path)
}

async function inBrowser() {
  const report = new CoverageReport({
    outputDir: 'var/web-coverage',
    logging: 'error',
    reports: [['json', { file: 'browser.json' }]],
    sourceFilter: (path) => path.includes('web/src/'),
    sourcePath: (path) => path.replace(/^.*?web\/src\//, 'web/src/'),
  })
  for (const file of readdirSync(raw).filter((name) => name.endsWith('.json'))) {
    const entries = JSON.parse(readFileSync(`${raw}/${file}`, 'utf8'))
    await report.add(entries.filter(isOurs).map((entry) => ({ ...entry, ...script(entry.url) })))
  }
  await report.generate()
  return JSON.parse(readFileSync('var/web-coverage/browser.json', 'utf8'))
}

/** @type {Map<string, Map<number, boolean>>} by file and line: whether it was run */
const reached = new Map()
function take(all) {
  const map = coverage.createCoverageMap(all)
  for (const path of map.files()) {
    const name = path.startsWith('/') ? relative(process.cwd(), path) : path
    const lines = reached.get(name) ?? new Map()
    for (const [line, count] of Object.entries(map.fileCoverageFor(path).getLineCoverage()))
      lines.set(line, lines.get(line) === true || count > 0)
    reached.set(name, lines)
  }
}

take(JSON.parse(readFileSync(unit, 'utf8')))
take(await inBrowser())

const rooms = new Map()
for (const [name, lines] of reached) {
  const room = name.split('/').slice(0, 3).join('/')
  const sum = rooms.get(room) ?? { lines: 0, run: 0 }
  rooms.set(room, {
    lines: sum.lines + lines.size,
    run: sum.run + [...lines.values()].filter(Boolean).length,
  })
}
const sum = [...rooms.values()].reduce((all, room) => ({ lines: all.lines + room.lines, run: all.run + room.run }))
const percent = ({ lines, run }) => (100 * run) / Math.max(1, lines)
for (const [room, of] of [...rooms].sort(([, a], [, b]) => percent(a) - percent(b)))
  console.log(`${percent(of).toFixed(1).padStart(6)} %  ${room}`)
console.log(`${percent(sum).toFixed(1).padStart(6)} %  of ${sum.lines} lines`)
process.exitCode = percent(sum) < Number(least) ? 1 : 0
