const HOST = '127.0.0.1'
const say = (line) => process.stdout.write(`${line}\n`)

/** Serves a stand-in on this machine, until it is stopped. */
export function serve(server, port, name) {
  server.listen(Number(port), HOST, () => say(`${name} at http://${HOST}:${port}`))
}

/**
 * Tells the stand-in at this port what to do, and says what it answers.
 *
 * @param {string[]} words such as `day=slow` or `pull`
 */
export async function control(port, words, name) {
  const body = Object.fromEntries(words.map((word) => [word.split('=')[0], word.split('=')[1] ?? true]))
  const answer = await fetch(`http://${HOST}:${port}/control`, { method: 'POST', body: JSON.stringify(body) }).catch(
    () => null,
  )
  const said = await answer?.json()
  say(answer?.ok ? JSON.stringify(said) : (said?.wrong ?? `nothing runs at port ${port}; start it with: ${name} run`))
  process.exitCode = answer?.ok ? 0 : 1
}
