import { appendFileSync, existsSync, readFileSync } from 'node:fs'
import type { Page } from '@playwright/test'

const FILE = 'var/journeys-kept/counts'

/** What a hand did on a page: presses of a pointer, and of keys outside text fields. */
export interface Counts {
  presses: number
  keys: number
}

/** Counts on every page of this tab from its next address on. */
export async function counting(page: Page): Promise<Counts> {
  const counts: Counts = { presses: 0, keys: 0 }
  await page.exposeFunction('counted', (what: keyof Counts) => (counts[what] += 1))
  await page.addInitScript(() => {
    const { counted } = window as unknown as { counted: (what: string) => void }
    addEventListener('pointerdown', (event) => event.isTrusted && counted('presses'), true)
    addEventListener(
      'keydown',
      (event) => {
        const isText = event.target instanceof HTMLInputElement && ['text', 'search'].includes(event.target.type)
        if (event.isTrusted && !isText) counted('keys')
      },
      true,
    )
  })
  return counts
}

/** Sets counts back to nothing and gives what they were. */
export function taken(counts: Counts): Counts {
  const was = { ...counts }
  counts.presses = counts.keys = 0
  return was
}

/** Keeps what one way took, beside what it took a new user before. */
export function note(way: string, now: string, before: string): void {
  appendFileSync(FILE, `${way.padEnd(44)} ${now.padEnd(28)} ${before}\n`)
}

/** All that was noted, as a table. */
export function told(): string {
  if (!existsSync(FILE)) return ''
  return `\n  ${'way'.padEnd(44)} ${'now'.padEnd(28)} before\n${readFileSync(FILE, 'utf8').replace(/^/gm, '  ')}\n`
}
