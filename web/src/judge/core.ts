import type { Asked, Told } from './messages'
import type { Manifest } from './parcel'

/** No answer within this: the worker is replaced and asked once more (ms). */
const LONGEST_MS = 10_000
/** Slow devices need longer for the first one, which reads all rules (ms). */
const LONGEST_START_MS = 60_000

export type MakeWorker = () => Worker

/** What is asked: of each kind only the newest that waits is asked. */
export type Kind = 'assess' | 'weighUp' | 'rates' | 'begin'

/** The first is what a person waits for with a hand on the knee. */
const KINDS: readonly Kind[] = ['assess', 'begin', 'weighUp', 'rates']

interface Question {
  kind: Kind
  text: string
  accept: (answer: string) => void
  reject: (error: Error) => void
  tries: number
}

/** One question at a time goes to the worker. A newer one of the same kind takes the place of one that still waits. */
export class Core {
  private worker: Worker | null = null
  private running: Promise<void> | null = null
  private readonly waiting = new Map<Kind, Question>()
  private isBusy = false
  private next = 1

  constructor(
    readonly manifest: Manifest,
    private readonly make: MakeWorker,
  ) {}

  /** Begins before the first question, so that its answer comes sooner. */
  warm(): Promise<void> {
    this.running ??= this.start()
    return this.running
  }

  /**
   * @throws where a newer question of its kind came before this one was asked, and where the worker cannot answer
   */
  ask(kind: Kind, text: string): Promise<string> {
    this.waiting.get(kind)?.reject(new Superseded())
    return new Promise((accept, reject) => {
      this.waiting.set(kind, { kind, text, accept, reject, tries: 0 })
      void this.work()
    })
  }

  end(): void {
    this.worker?.terminate()
    this.worker = null
    this.running = null
  }

  private async work(): Promise<void> {
    if (this.isBusy) return
    this.isBusy = true
    for (let question = this.taken(); question !== null; question = this.taken()) {
      try {
        await this.warm()
        question.accept(await this.answer(question.text))
      } catch (error) {
        this.end()
        question.tries++
        if (question.tries < 2 && !this.waiting.has(question.kind)) this.waiting.set(question.kind, question)
        else question.reject(error instanceof Error ? error : new Error(String(error)))
      }
    }
    this.isBusy = false
  }

  private taken(): Question | null {
    const kind = KINDS.find((one) => this.waiting.has(one))
    const question = kind === undefined ? undefined : this.waiting.get(kind)
    if (question !== undefined) this.waiting.delete(question.kind)
    return question ?? null
  }

  private async start(): Promise<void> {
    this.worker = this.make()
    const { binary, archive } = this.manifest
    await this.told({ start: { binary, archive } }, LONGEST_START_MS)
  }

  private async answer(question: string): Promise<string> {
    const told = await this.told({ id: this.next++, question }, LONGEST_MS)
    if (!('answer' in told) || told.answer === '') throw new Error('The device gave no answer.')
    if (told.isFull) this.end()
    return told.answer
  }

  private told(asked: Asked, longest: number): Promise<Told> {
    const worker = this.worker
    if (worker === null) return Promise.reject(new Error('The device judges nothing just now.'))
    return new Promise((accept, reject) => {
      const late = setTimeout(() => reject(new Error(`No answer of the device within ${longest / 1000} s.`)), longest)
      worker.onmessage = ({ data }: MessageEvent<Told>) => {
        clearTimeout(late)
        if ('failed' in data) reject(new Error(data.failed))
        else accept(data)
      }
      worker.onerror = (event) => {
        clearTimeout(late)
        reject(new Error(event.message || 'The worker of the device could not be started.'))
      }
      worker.postMessage(asked)
    })
  }
}

/** Nobody waits for this answer any more. */
class Superseded extends Error {}
