// The first screen of a large team: how long it takes, and how much comes. Prints JSON.
const BASE = process.env.BASE_URL
const TIMES = 60
const ASKED = {
  'first screen of 3,000 athletes': {},
  'searched for “fallowby”': { search: 'fallowby', unfinished: 0 },
  'searched for “x00”': { search: 'x00', unfinished: 0 },
  'searched for “han”': { search: 'han', unfinished: 0 },
  'searched for “juna”': { search: 'juna', unfinished: 0 },
  'without a baseline': { lacking: 'baseline', unfinished: 0 },
}

const cookie = (answer) =>
  answer.headers
    .getSetCookie()
    .map((one) => one.split(';')[0])
    .join('; ')
const first = await fetch(`${BASE}/api/me`)
const { csrf } = await first.json()
const answer = await fetch(`${BASE}/api/login`, {
  method: 'POST',
  headers: { 'Content-Type': 'application/json', 'X-CSRF-TOKEN': csrf, Cookie: cookie(first) },
  body: JSON.stringify({ email: 'physio@fenmoor.example', password: 'gray-compass-demo' }),
})
if (!answer.ok) throw new Error(`log-in answered ${answer.status}`)
const session = await answer.json()
const headers = { Cookie: cookie(answer), 'Content-Type': 'application/json', 'X-CSRF-TOKEN': session.csrf }

async function measure(query) {
  const times = []
  let bytes = 0
  for (let n = 0; n < TIMES; n++) {
    const from = performance.now()
    const list = await fetch(`${BASE}/api/today`, { method: 'POST', headers, body: JSON.stringify(query) })
    bytes = (await list.arrayBuffer()).byteLength
    if (!list.ok) throw new Error(`the list answered ${list.status}`)
    times.push(performance.now() - from)
  }
  times.sort((a, b) => a - b)
  return { median: times[TIMES / 2], p95: times[Math.floor(TIMES * 0.95)], kilobytes: bytes / 1000 }
}

const figures = []
for (const [what, query] of Object.entries(ASKED)) {
  const { median, p95, kilobytes } = await measure(query)
  figures.push({ what: `${what}, median`, unit: 'ms', median, limit: null })
  figures.push({ what: `${what}, 95 % within`, unit: 'ms', median: p95, limit: 100 })
  if (Object.keys(query).length === 0) figures.push({ what: `${what}, size`, unit: 'kB', median: kilobytes, limit: 60 })
}
console.log(JSON.stringify(figures, null, 2))
