/** What is used of the module; the package types its wrappers alone. */
declare module 'php-wasm/php8.3-web.mjs' {
  export interface Php {
    FS: {
      mkdir(path: string): void
      writeFile(path: string, text: string): void
      readFile(path: string, options: { encoding: 'utf8' }): string
    }
    ccall(name: string, returns: string, types: string[], values: unknown[], options: { async: true }): Promise<number>
  }

  export default class PHP {
    constructor(options: object)
    then(accept: (php: Php) => void): void
  }
}
