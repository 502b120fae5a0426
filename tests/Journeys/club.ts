import { execFileSync } from 'node:child_process'
import { existsSync, mkdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import { Application } from '../Resilience/application'
import { told } from './counting'

export const NAME = 'journeys'
export const PORT = process.env.JOURNEYS_PORT ?? '8177'
const DB_PORT = process.env.JOURNEYS_DB_PORT ?? '33177'
export const FOLDER = `var/${NAME}`
/** Outside the instance, which is made anew each time. */
export const KEPT = 'var/journeys-kept'

/** As docs/operations.md says of an instance beside another one. */
export const ENVIRONMENT = { ...process.env, INSTANCE_NAME: NAME, PORT, DB_PORT }

/** The commands that docs/operations.md tells under a heading, word by word. */
export function commandsOf(heading: string): string[] {
  const guide = readFileSync('docs/operations.md', 'utf8').split(`\n## ${heading}\n`)[1] ?? ''
  const block = /```\n(.*?)```/s.exec(guide)?.[1] ?? ''
  return block
    .split('\n')
    .map((line) => line.replace(/\s+#.*/, '').trim())
    .filter((line) => line !== '')
}

export function typed(line: string, more: Record<string, string> = {}): string {
  return execFileSync('bash', ['-c', line], { env: { ...ENVIRONMENT, ...more }, encoding: 'utf8', stdio: 'pipe' })
}

/** Makes the club as the guide says, starts it, and ends it after the last journey. */
export default async function club(): Promise<() => Promise<void>> {
  if (process.env.JOURNEYS_RUNNING) return () => Promise.resolve()
  if (existsSync(FOLDER)) rmSync(FOLDER, { recursive: true })
  rmSync(`var/keys/${NAME}.key`, { force: true })
  rmSync(KEPT, { recursive: true, force: true })
  mkdirSync(KEPT, { recursive: true })
  const [setup = '', start = ''] = commandsOf('A club from nothing')
  const begun = Date.now()
  const said = typed(`${setup} --name=${NAME} --port=${PORT} --db-port=${DB_PORT}`)
  const link = /Open this link:\s+(\S+)/.exec(said)?.[1]
  if (link === undefined || start !== 'bin/start') throw new Error(`The guide does not lead to a link: ${said}`)
  writeFileSync(`${KEPT}/link`, link)
  const application = new Application()
  if (!(await application.start({ INSTANCE_NAME: NAME, PORT, DB_PORT }))) throw new Error(application.said)
  process.stdout.write(`  a club from nothing is ready after ${Math.round((Date.now() - begun) / 1000)} s\n`)
  return async () => {
    process.stdout.write(told())
    await application.stop()
  }
}
