import { type ChildProcess, execFileSync, spawn } from 'node:child_process'
import { readFileSync, readdirSync } from 'node:fs'
import { type APIRequestContext, expect, request } from '@playwright/test'

const PORT = process.env.RESILIENCE_PORT ?? '8167'
export const BASE = `http://127.0.0.1:${PORT}`
export const INSTANCE = 'var/resilience'

const ENVIRONMENT = {
  ...process.env,
  PORT,
  DB_PORT: process.env.RESILIENCE_DB_PORT ?? '33167',
  INSTANCE_NAME: 'resilience',
}

type Server = 'php-fpm: master' | 'nginx: master' | 'mariadbd' | 'queue:work' | 'schedule:work'

/** `bin/start` as a person calls it, with an instance of its own. */
export class Application {
  private process: ChildProcess | null = null
  said = ''

  /** True once it is ready; false where it ended instead, with its reason in `said`. */
  async start(more: Record<string, string> = {}): Promise<boolean> {
    const running = spawn('bin/start', [], { env: { ...ENVIRONMENT, ...more }, stdio: ['ignore', 'pipe', 'pipe'] })
    this.process = running
    this.said = ''
    return new Promise((resolve) => {
      const hear = (text: Buffer) => {
        this.said += text.toString()
        if (this.said.includes('ready http')) resolve(true)
      }
      running.stdout.on('data', hear)
      running.stderr.on('data', hear)
      running.on('exit', () => resolve(false))
    })
  }

  /** As by a power cut for the script alone: its servers are left behind. */
  async cut(): Promise<void> {
    const running = this.process
    if (running === null) return
    const ended = new Promise((resolve) => running.on('exit', resolve))
    running.kill('SIGKILL')
    await ended
  }

  async stop(): Promise<void> {
    const running = this.process
    if (running === null || running.exitCode !== null) return
    const ended = new Promise((resolve) => running.on('exit', resolve))
    running.kill('SIGTERM')
    await ended
  }

  /** The master of one of its servers. */
  pid(server: Server): number {
    const [first] = this.pids(server)
    if (first === undefined) throw new Error(`${server} does not run.`)
    return first
  }

  /** The masters of a server of which there may be several. */
  pids(server: Server): number[] {
    return children(String(this.process?.pid))
      .filter((pid) => commandLine(pid).includes(server))
      .map(Number)
  }

  /** Seconds of processor time that the workers of php-fpm have used. */
  workersSeconds(): number {
    const workers = children(String(this.pid('php-fpm: master')))
    const ticks = workers.map((pid) => {
      const fields = readFileSync(`/proc/${pid}/stat`, 'utf8').split(') ')[1]!.split(' ')
      return Number(fields[11]) + Number(fields[12])
    })
    return ticks.reduce((sum, one) => sum + one, 0) / 100
  }
}

function children(pid: string): string[] {
  return readdirSync('/proc').filter((name) => /^\d+$/.test(name) && parentOf(name) === pid)
}

function parentOf(pid: string): string | undefined {
  try {
    return readFileSync(`/proc/${pid}/stat`, 'utf8').split(') ')[1]?.split(' ')[1]
  } catch {
    return undefined
  }
}

function commandLine(pid: string): string {
  try {
    return readFileSync(`/proc/${pid}/cmdline`, 'utf8').replaceAll('\0', ' ')
  } catch {
    return ''
  }
}

/** As the administrator of the database, by its socket. */
export function sql(statement: string): string {
  const sockets = readFileSync(`${INSTANCE}/sockets`, 'utf8').trim()
  return execFileSync('mariadb', ['--no-defaults', `--socket=${sockets}/db.sock`, '-N', 'gray_compass'], {
    input: statement,
    encoding: 'utf8',
  })
}

export function command(program: string, options: string[], more: Record<string, string> = {}) {
  try {
    const said = execFileSync(program, options, {
      env: { ...ENVIRONMENT, ...more },
      encoding: 'utf8',
      stdio: 'pipe',
      maxBuffer: 2 ** 28,
    })
    return { code: 0, said }
  } catch (error) {
    const { status, stdout, stderr } = error as { status: number; stdout: string; stderr: string }
    return { code: status, said: stdout + stderr }
  }
}

/** The same beside others: it does not stop what goes on meanwhile. */
export function spawned(program: string, options: string[], more: Record<string, string> = {}) {
  const running = spawn(program, options, { env: { ...ENVIRONMENT, ...more }, stdio: ['ignore', 'pipe', 'pipe'] })
  let said = ''
  for (const stream of [running.stdout, running.stderr]) stream.on('data', (text: Buffer) => (said += text.toString()))
  return new Promise<{ code: number | null; said: string }>((resolve) =>
    running.on('close', (code) => resolve({ code, said })),
  )
}

/** Someone who is logged in, and what they do again and again. */
export class Person {
  private constructor(
    readonly api: APIRequestContext,
    private readonly csrf: string,
  ) {}

  static async logIn(base = BASE): Promise<Person> {
    const api = await request.newContext({ baseURL: base })
    const first = (await (await api.get('/api/me')).json()) as { csrf: string }
    const knock = () =>
      api.post('/api/login', {
        headers: { 'X-CSRF-TOKEN': first.csrf },
        data: { email: 'physio@fenmoor.example', password: 'gray-compass-demo' },
      })
    let answer = await knock()
    // The test before may have knocked here up to the limit; the server says for how long it stays shut.
    if (answer.status() === 429) {
      await new Promise((resolve) => setTimeout(resolve, (Number(answer.headers()['retry-after'] ?? 60) + 1) * 1000))
      answer = await knock()
    }
    expect(answer.status()).toBe(200)
    return new Person(api, ((await answer.json()) as { csrf: string }).csrf)
  }

  send(method: string, path: string, data?: unknown, timeout = 30_000) {
    return this.api.fetch(path, { method, data, timeout, headers: this.headers() })
  }

  /** What makes something carries a key of its own. */
  private headers() {
    return { 'X-CSRF-TOKEN': this.csrf, 'Idempotency-Key': crypto.randomUUID() }
  }

  /** A fresh examination with consent and an open gate, of the first athlete found. */
  async examination(): Promise<string> {
    const { athletes } = (await (await this.send('POST', '/api/today', { search: 'Wynn' })).json()) as {
      athletes: { id: string }[]
    }
    const begin = () =>
      this.send('POST', `/api/athletes/${athletes[0]!.id}/examinations`, {
        hurtSide: 'left',
        daysSinceInjury: 3,
        route: 'clinic_core',
      })
    // Several begin with the same athlete at once; who is told to come back in a moment does.
    let started = await begin()
    for (let tries = 0; started.status() === 503 && tries < 10; tries++) {
      await new Promise((resolve) => setTimeout(resolve, 1000))
      started = await begin()
    }
    expect(started.status(), await started.text()).toBe(201)
    const { id } = (await started.json()) as { id: string }
    await this.save(id, 'sections/opening', { consentGiven: true }, 0)
    const { assessment } = (await (await this.api.get(`/api/examinations/${id}`)).json()) as {
      assessment: { safety: { questions: string[] } }
    }
    const clear = Object.fromEntries(assessment.safety.questions.map((key) => [key, false]))
    expect((await this.save(id, 'sections/safety', clear, 0)).status()).toBe(200)
    return id
  }

  save(
    id: string,
    part: string,
    payload: unknown,
    version: number,
    key: string = crypto.randomUUID(),
    timeout?: number,
  ) {
    return this.send('PUT', `/api/examinations/${id}/${part}`, { key, version, payload }, timeout)
  }
}
