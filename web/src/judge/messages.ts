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
export type Told = { started: true } | { id: number; answer: string } | { id: number | null; failed: string }

/** Where the parts are kept on the device, also for the service worker. */
export const CACHE = 'judge'
