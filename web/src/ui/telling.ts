import { refAutoReset } from '@vueuse/core'
import { readonly } from 'vue'

/** Long enough to read a line (ms). */
const TOLD_FOR = 6000
const now = refAutoReset('', TOLD_FOR)

/** What is told just now; empty most of the time. */
export const told = readonly(now)

/** Tells of something that happened away from where the hand is: shown for a while, and read out, once. */
export function tell(line: string): void {
  now.value = line
}

export function hush(): void {
  now.value = ''
}
