import { vi } from 'vitest'
import type { Saved } from '@/contract/types'

/** One answer of the server: a status with a body, or nothing at all. */
export type Answer = { status: number; body?: unknown } | 'gone'

/** A server that gives these answers in turn, the last one for ever, and remembers what it was asked. */
export function server(...answers: Answer[]) {
  const asked: { method: string; path: string; token: string | null; body: Record<string, unknown> }[] = []
  vi.stubGlobal('fetch', async (request: Request) => {
    const text = await request.clone().text()
    asked.push({
      method: request.method,
      path: new URL(request.url).pathname,
      token: request.headers.get('X-CSRF-TOKEN'),
      body: text === '' ? {} : (JSON.parse(text) as Record<string, unknown>),
    })
    const answer = answers.length > 1 ? answers.shift() : answers[0]
    if (answer === undefined || answer === 'gone') throw new TypeError('Failed to fetch')
    return new Response(answer.status === 204 ? null : JSON.stringify(answer.body ?? {}), {
      status: answer.status,
      headers: { 'Content-Type': 'application/json' },
    })
  })
  return asked
}

/** What the server says once it has stored a part. */
export function saved(part: string, version: number): Answer {
  return {
    status: 200,
    body: { part, version, assessment: {}, marks: {}, beforeGate: [] } satisfies Partial<Record<keyof Saved, unknown>>,
  }
}

/** A browser's locks, each held until the tab that asked is gone; none is, in a test. */
export function locks(...open: string[]): void {
  const names = new Set(open)
  Object.defineProperty(navigator, 'locks', {
    configurable: true,
    value: {
      query: async () => ({ held: [...names].map((name) => ({ name })) }),
      request: async (name: string, _: unknown, got: (lock: object | null) => unknown) => {
        const free = !names.has(name)
        if (free) names.add(name)
        void got(free ? { name } : null)
      },
    },
  })
}
