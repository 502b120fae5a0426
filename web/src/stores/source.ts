/**
 * Where the examination on screen comes from, and what may happen to it there:
 *
 * | state    | arrived, told by the server | arrived, kept by the device | saved         | closed    |
 * | -------- | --------------------------- | --------------------------- | ------------- | --------- |
 * | `closed` | `server`                    | `device`                    | –             | `closed`  |
 * | `server` | `server`, anew              | `device`                    | `server`, anew | `closed` |
 * | `device` | `server`                    | `device`, anew              | `device`, anew | `closed` |
 *
 * Each step makes a new object, so that an answer to what was asked before it is known to be older.
 */
export type Source = { readonly from: 'closed' } | { readonly from: 'server' } | { readonly from: 'device'; at: string }

export type SourceStep =
  /** `at`: when the device kept it (ISO 8601); null where the server told it just now */
  { readonly to: 'arrived'; at: string | null } | { readonly to: 'saved' } | { readonly to: 'closed' }

export const CLOSED: Source = { from: 'closed' }

export function after(source: Source, step: SourceStep): Source {
  switch (step.to) {
    case 'arrived':
      return step.at === null ? { from: 'server' } : { from: 'device', at: step.at }
    case 'saved':
      return source.from === 'closed' ? source : { ...source }
    case 'closed':
      return CLOSED
  }
}
