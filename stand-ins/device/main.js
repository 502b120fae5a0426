import { device } from './server.js'

/** `main.js PORT [name=value …]`: with nothing asked, the stand-in runs; else the one that runs is told so. */
const [port, ...words] = process.argv.slice(2)
const HOST = '127.0.0.1'
const say = (line) => process.stdout.write(`${line}\n`)

if (words.length === 0 || words[0] === 'run') {
  const kind = words[1] ?? 'arthrometer'
  device({ kind }).listen(Number(port), HOST, () => say(`${kind} at http://${HOST}:${port}/events`))
} else {
  const body = Object.fromEntries(words.map((word) => [word.split('=')[0], word.split('=')[1] ?? true]))
  const answer = await fetch(`http://${HOST}:${port}/control`, { method: 'POST', body: JSON.stringify(body) }).catch(
    () => null,
  )
  const said = await answer?.json()
  say(
    answer?.ok ? JSON.stringify(said) : (said?.wrong ?? `nothing runs at port ${port}; start it with: bin/device run`),
  )
  process.exitCode = answer?.ok ? 0 : 1
}
