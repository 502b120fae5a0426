import { afterEach, beforeEach, expect, test, vi } from 'vitest'
import { effectScope } from 'vue'
import { useImport } from '@/people/useImport'
import { server } from './support'

const line = (row: number, status: string) => ({
  row,
  status,
  why: '',
  written: '',
  name: 'Ada Own',
  bornOn: '2001-01-01',
})
const PREVIEW = {
  heads: ['Name'],
  columns: {},
  dates: 'dmy',
  lines: [line(2, 'new'), line(3, 'clash'), line(4, 'refused')],
}
const importing = (state: string, done: number) => ({ status: 200, body: { id: '01I', state, done, total: 2 } })
const list = (text: string) => new File([text], 'squad.csv')

let scope = effectScope()

beforeEach(() => {
  vi.useFakeTimers({ toFake: ['setTimeout', 'clearTimeout'] })
  scope = effectScope()
})
afterEach(() => {
  scope.stop()
  vi.useRealTimers()
})

test('a list is shown first, byte for byte as it is, and nothing is begun', async () => {
  const asked = server({ status: 200, body: PREVIEW })
  const { choose, counts, adds } = scope.run(() => useImport())!
  await choose(new File([new Uint8Array([0x4e, 0xe5, 0x0a])], 'latin.csv'))
  expect(asked.map(({ path, body }) => [path, body.content])).toEqual([['/api/imports/preview', 'TuUK']])
  expect(counts.value).toEqual({ new: 1, same: 0, clash: 1, refused: 1 })
  expect(adds.value).toBe(1)
})

test('who was looked at goes along, and is forgotten where it is no clash any more', async () => {
  const asked = server({ status: 200, body: PREVIEW }, { status: 200, body: { ...PREVIEW, lines: [line(3, 'new')] } })
  const { choose, taken, adds, read, busy } = scope.run(() => useImport({ typing: 5 }))!
  await choose(list('x'))
  taken.add(3)
  expect(adds.value).toBe(2)
  read({ squad: 'Judo' })
  expect(busy.value).toBe(true)
  for (let turn = 0; busy.value; turn++) {
    expect(turn).toBeLessThan(100)
    await vi.advanceTimersByTimeAsync(5)
  }
  expect(asked[1]!.body.squad).toBe('Judo')
  expect(asked[1]!.body.take).toEqual([3])
  expect([...taken]).toEqual([])
})

test('it is begun with what was told, and followed until it is done, however often the server is away', async () => {
  const asked = server(
    { status: 200, body: PREVIEW },
    importing('waiting', 0),
    'gone',
    importing('running', 1),
    importing('done', 2),
  )
  const { choose, begin, running, problem } = scope.run(() => useImport({ every: 10 }))!
  await choose(list('x'))
  await begin()
  expect(asked[1]!.body.expects).toBe(1)
  for (let turn = 0; running.value?.state !== 'done'; turn++) {
    expect(turn).toBeLessThan(100)
    await vi.advanceTimersByTimeAsync(10)
  }
  expect(problem.value).toBe('')
  await vi.advanceTimersByTimeAsync(100)
  expect(asked).toHaveLength(5)
})

test('a refusal stands there, and the list is still chosen', async () => {
  server({ status: 422, body: { error: { path: 'content', reason: 'this is no list in CSV: save it as CSV first' } } })
  const { choose, file, problem, preview } = scope.run(() => useImport())!
  await choose(list('PK'))
  expect([problem.value, file.value?.name, preview.value]).toEqual([
    'this is no list in CSV: save it as CSV first',
    'squad.csv',
    null,
  ])
})
