/** The part of the reader that the tests use. */
declare module 'tableschema' {
  export interface Descriptor {
    fields: { name: string; type: string }[]
  }
  export const Table: {
    load(
      file: string,
      options: { schema: Descriptor },
    ): Promise<{ read(options: { keyed: true }): Promise<Record<string, unknown>[]> }>
  }
}
