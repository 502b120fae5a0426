/** Where the judge's parts lie. */
export interface Parcel {
  /** The WebAssembly binary of PHP. */
  binary: string
  /** The core and its figures. */
  archive: string
}

/** What the worker is asked: first to start, then one question after the other. */
export type Asked = { start: Parcel } | { id: number; question: string }

/** What it answers: that it has started, an answer of the core, or what went wrong. */
export type Told =
  | { started: true; isRestored: boolean }
  | { id: number; answer: string; isFull: boolean }
  | { id: number | null; failed: string }

/** Where the parts are kept on the device, also for the service worker. */
export const CACHE = 'judge'

/** Under which addresses memory is kept there, for the next start. */
export const IMAGES = '/judge/image/'
