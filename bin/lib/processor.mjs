// Processor time of the application's workers for one save and for one empty request, of one instance or of two turn by
// turn. Each is named by its address and the process id of its PHP-FPM: BASE_URL, FPM_PID; the other OTHER_URL, OTHER_PID.
import { readFileSync } from 'node:fs'
import { begin, logIn, ping } from './tapping.mjs'

const ROUNDS = 15
const IN_A_ROUND = 20
/** Ticks of a process's clock are hundredths of a second. */
const TICK_MS = 10
/** So many additions tell how fast the machine is just now. */
const ADDITIONS = 2e7

const { BASE_URL, FPM_PID, OTHER_URL, OTHER_PID } = process.env
const median = (values) => [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)]

/** Processor time of all workers so far (ms). */
function used(pid) {
  const workers = readFileSync(`/proc/${pid}/task/${pid}/children`, 'utf8').trim().split(' ').filter(Boolean)
  // After its name: the third field on; 14 and 15 are a worker's own, 16 and 17 those of workers that ended.
  const of = (process) =>
    readFileSync(`/proc/${process}/stat`, 'utf8')
      .replace(/^.*\) /s, '')
      .split(' ')
      .map(Number)
  const ticks = workers.map((worker) => of(worker)[11] + of(worker)[12])
  const ended = of(pid).slice(13, 15)
  return [...ticks, ...ended].reduce((sum, one) => sum + one, 0) * TICK_MS
}

/** How long a fixed loop takes here and now (ms). */
function pace() {
  const start = performance.now()
  let sum = 0
  for (let n = 0; n < ADDITIONS; n++) sum += n % 7
  return sum > 0 ? performance.now() - start : NaN
}

async function at(base, pid) {
  const headers = await logIn(base)
  const tap = await begin(base, headers)
  let millimetres = 0
  const work = { save: () => tap(1 + (millimetres++ % 12)), empty: () => ping(base, headers) }
  const spent = { save: 0, empty: 0 }
  const round = async (kind) => {
    const before = used(pid)
    for (let n = 0; n < IN_A_ROUND; n++) if (!(await work[kind]())) throw new Error(`${base}: a request failed`)
    spent[kind] += used(pid) - before
  }
  // What is compiled and connected at first is not measured.
  await round('save')
  await round('empty')
  spent.save = spent.empty = 0
  return { round, per: (kind) => spent[kind] / (ROUNDS * IN_A_ROUND) }
}

const here = await at(BASE_URL, FPM_PID)
const there = OTHER_URL ? await at(OTHER_URL, OTHER_PID) : null
const paces = []
for (let round = 0; round < ROUNDS; round++) {
  for (const kind of ['save', 'empty']) {
    await here.round(kind)
    await there?.round(kind)
  }
  paces.push(pace())
}
const figure = (what, unit, value, limit = null) => ({ what, unit, median: value, limit })
const figures = [
  figure('a fixed loop: how fast the machine is', 'ms', median(paces)),
  figure('processor time of an empty request', 'ms', here.per('empty')),
  figure('processor time of a save', 'ms', here.per('save')),
]
if (there) {
  figures.push(figure('the same of the other checkout: an empty request', 'ms', there.per('empty')))
  figures.push(figure('the same of the other checkout: a save', 'ms', there.per('save')))
  figures.push(
    figure('processor time of a save, to the other checkout', '', here.per('save') / there.per('save'), 0.92),
  )
}
console.log(JSON.stringify(figures, null, 2))
