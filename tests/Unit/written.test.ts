import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it } from 'vitest'
import { inOneLine } from '@/bench/written'
import { useCatalogue } from '@/stores/catalogue'
import { catalogue } from './fixtures'
import { server } from './support'

beforeEach(async () => {
  setActivePinia(createPinia())
  server({ status: 200, body: catalogue() })
  await useCatalogue().load()
})

describe('what one press wrote', () => {
  it.each([
    [{ sides: ['right', 'left'], filled: ['right', 'left'] }, 'Lachman: both knees normal.'],
    [
      { sides: ['right', 'left'], filled: ['right'] },
      'Lachman: right knee normal; the left knee keeps its recorded finding.',
    ],
    [{ sides: ['both'], filled: ['both'] }, 'Lachman: both legs normal.'],
    [{ sides: ['right', 'left'], filled: [] }, 'Lachman: nothing changed, the recorded finding stays.'],
  ] as const)('%o', (written, line) => {
    const { sides, filled } = written
    expect(inOneLine('Lachman', { normal: true }, { sides: [...sides], filled: [...filled] })).toBe(line)
  })

  it('names why it was not done', () => {
    const written = { sides: ['left' as const], filled: ['left' as const] }
    expect(inOneLine('Dial', { notDone: 'pain' }, written)).toBe('Dial: left knee not done (pain).')
  })
})
