import { readFileSync, readdirSync } from 'node:fs'
import { expect, test } from 'vitest'

const SHEETS = readdirSync('web/src', { recursive: true, encoding: 'utf8' })
  .filter((file) => /\.(vue|css)$/.test(file))
  .map((file) => ({ file, text: readFileSync(`web/src/${file}`, 'utf8') }))
const BREAKPOINTS = readFileSync('web/src/styles/breakpoints.css', 'utf8')
const TOKENS = readFileSync('web/src/styles/tokens.css', 'utf8')

/** Every match over all sheets, with the file that holds it. */
function found(pattern: RegExp): string[] {
  return SHEETS.flatMap(({ file, text }) => [...text.matchAll(pattern)].map(([match]) => `${file}: ${match}`))
}

test('the layout changes at the named sizes alone', () => {
  expect([...BREAKPOINTS.matchAll(/@custom-media --(\w+)/g)].map(([, name]) => name)).toEqual([
    'phone',
    'tablet',
    'narrow',
    'wide',
    'low',
  ])
  expect(found(/@media[^{]*(min|max)-width[^{]*/g)).toEqual([])
  const unknown = [...found(/@media[^{]*\(--\w+\)/g)].filter((use) => !/--(phone|tablet|narrow|wide|low)\)/.test(use))
  expect(unknown).toEqual([])
})

test('type is set in the sizes of one scale; drawings and paper have units of their own', () => {
  expect([...TOKENS.matchAll(/--type-\w+:/g)]).toHaveLength(9)
  expect(found(/font-size: [\d.]+r?em/g)).toEqual([])
  const unknown = found(/var\(--type-\w+\)/g).filter((use) => !TOKENS.includes(`${/--type-\w+/.exec(use)?.[0]}:`))
  expect(unknown).toEqual([])
})
