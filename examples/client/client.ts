import { randomUUID } from 'node:crypto'
import createClient, { type Client } from 'openapi-fetch'
import type { components, paths } from '../../web/src/contract/api'

type Schemas = components['schemas']
export type Assessment = Schemas['Assessment']
type Part = Record<string, unknown>
type Section = paths['/api/examinations/{examination}/sections/{section}']['put']['parameters']['path']['section']

/** What the server refused: the place in what was sent, and the reason. */
export class Refused extends Error {
  constructor(
    readonly status: number,
    readonly path: string,
    reason: string,
  ) {
    super(path === '' ? reason : `${path}: ${reason}`)
  }
}

/** A small client of the API: it comes in with a token that has the abilities read, record and export. */
export class GrayCompass {
  private readonly api: Client<paths>

  /**
   * @param address of the server, such as https://knees.fenmoor.example
   * @param token made on the page Exchange
   */
  constructor(address: string, token: string) {
    this.api = createClient<paths>({ baseUrl: address, headers: { Authorization: `Bearer ${token}` } })
  }

  /** The id of the athlete with this number in the team. */
  async athlete(number: string): Promise<string> {
    const athletes = answerOf(await this.api.GET('/api/athletes'))
    const found = athletes.find((one) => one.number === number)
    if (!found) throw new Error(`There is no athlete with the number ${number}.`)
    return found.id
  }

  /** Starts an examination; sent again with the same key, it starts no second one. */
  async start(athlete: string, start: Schemas['Start'], key = randomUUID()): Promise<Examination> {
    const { id } = answerOf(
      await this.api.POST('/api/athletes/{athlete}/examinations', {
        params: { path: { athlete } },
        headers: { 'Idempotency-Key': key },
        body: start,
      }),
    )
    return new Examination(this.api, id)
  }
}

/** One examination while it is recorded. Each save is answered by what follows from it. */
export class Examination {
  private readonly versions = new Map<string, number>()

  constructor(
    private readonly api: Client<paths>,
    readonly id: string,
  ) {}

  /** A section, such as `opening`, `safety` or `history`, as a whole. */
  async section(section: Section, payload: Part): Promise<void> {
    const params = { path: { examination: this.id, section } }
    await this.save(section, payload, (body) =>
      this.api.PUT('/api/examinations/{examination}/sections/{section}', { params, body }),
    )
  }

  /** What was found with one manoeuvre on one knee; the catalogue says which fields it has. */
  async record(manoeuvre: string, side: 'left' | 'right' | 'both', payload: Part): Promise<void> {
    const params = { path: { examination: this.id, manoeuvre, side } }
    await this.save(`${manoeuvre}:${side}`, payload, (body) =>
      this.api.PUT('/api/examinations/{examination}/records/{manoeuvre}/{side}', { params, body }),
    )
  }

  /** What follows from all that is recorded. */
  async assessment(): Promise<Assessment> {
    const params = { path: { examination: this.id } }
    return answerOf(await this.api.GET('/api/examinations/{examination}', { params })).assessment
  }

  /** The examination with its conclusions as a FHIR bundle. */
  async bundle(): Promise<{ resourceType?: string; entry?: { resource: { resourceType: string } }[] }> {
    const params = { path: { examination: this.id } }
    return answerOf(await this.api.GET('/api/examinations/{examination}/bundle', { params }))
  }

  /** The same save may be sent again: by its key the server knows it. */
  private async save(
    part: string,
    payload: Part,
    put: (body: Schemas['SavePart']) => Promise<Answer<Schemas['Saved']>>,
  ): Promise<void> {
    const version = this.versions.get(part) ?? 0
    const saved = answerOf(await put({ key: randomUUID(), version, payload }))
    this.versions.set(part, saved.version)
  }
}

interface Answer<T> {
  data?: T
  error?: unknown
  response: Response
}

/** @throws Refused by what the server said */
function answerOf<T>({ data, error, response }: Answer<T>): T {
  if (data !== undefined) return data
  const told = (error as { error?: { path?: string; reason?: string } } | undefined)?.error
  throw new Refused(response.status, told?.path ?? '', told?.reason ?? response.statusText)
}
