import { type EffectScope, effectScope } from 'vue'
import { afterEach, beforeEach, expect, test, vi } from 'vitest'
import type { ApiError } from '@/api/client'
import { type Desk, type StoredPart, emptyDesk, keep } from '@/sync/desk'
import { useSaveQueue } from '@/sync/saveQueue'
import { type Answer, saved, server } from './support'

vi.mock('@/sync/desk', async (original) => ({
  ...(await original<typeof import('@/sync/desk')>()),
  keep: vi.fn<typeof keep>(),
}))

const EXAMINATION = '01EXAMINATION'
const kept = (): Desk | undefined => vi.mocked(keep).mock.lastCall?.[2]
let scope: EffectScope
let stored: Map<string, StoredPart>
let took: string[]
let refusals: { part: string; status: number; reason: string }[]

beforeEach(() => {
  vi.useFakeTimers()
  vi.mocked(keep).mockReset().mockResolvedValue()
  scope = effectScope()
  stored = new Map()
  took = []
  refusals = []
})
afterEach(() => {
  scope.stop()
  vi.useRealTimers()
})

function queue(tab = 'tab', adopted = emptyDesk()) {
  return scope.run(() =>
    useSaveQueue({
      examination: EXAMINATION,
      tab,
      taken: adopted,
      handlers: {
        stored: (part) => stored.get(part) ?? { payload: null, version: 0 },
        known: () => ({ plan: 'a1' }),
        saved: (answer, item) => {
          stored.set(item.part, { payload: item.payload, version: answer.version })
          took.push(item.part)
        },
        refused: (item, error: ApiError) =>
          refusals.push({ part: item.part, status: error.status, reason: error.fault.reason }),
      },
    }),
  )!
}

const settle = (ms = 0) => vi.advanceTimersByTimeAsync(ms)
const unauthenticated: Answer = { status: 401, body: { error: { path: '', reason: 'Log in first.' } } }

test('parts are sent in the order entered, each to its own address with the version it was made from', async () => {
  const asked = server(saved('history', 1), saved('lachman:left', 1), saved('lachman:left', 2))
  const it = queue()
  it.add('history', { pop: true })
  it.add('lachman:left', { normal: true })
  await settle()
  it.add('lachman:left', null)
  await settle()
  expect(asked.map(({ method, path, body }) => [method, path, body.version, body.payload])).toEqual([
    ['PUT', `/api/examinations/${EXAMINATION}/sections/history`, 0, { pop: true }],
    ['PUT', `/api/examinations/${EXAMINATION}/records/lachman/left`, 0, { normal: true }],
    ['DELETE', `/api/examinations/${EXAMINATION}/records/lachman/left`, 1, undefined],
  ])
  expect(new Set(asked.map(({ body }) => body.key)).size).toBe(3)
  expect(asked.map(({ body }) => body.known)).toEqual(Array(3).fill({ plan: 'a1' }))
  expect([took, it.state.value]).toEqual([['history', 'lachman:left', 'lachman:left'], 'saved'])
})

test('what is changed before it is sent goes once; what is changed while on its way goes after, on top of it', async () => {
  const asked = server('gone', saved('history', 1), saved('history', 2))
  const it = queue()
  it.add('gait:both', { pattern: 'normal' })
  it.add('history', { pop: true })
  it.add('history', { pop: false })
  expect(it.waiting.value.map(({ part, payload }) => [part, payload])).toEqual([
    ['gait:both', { pattern: 'normal' }],
    ['history', { pop: false }],
  ])
  it.add('gait:both', { pattern: 'antalgic' })
  await settle()
  await settle(2000)
  expect(asked.slice(1).map(({ body }) => [body.version, body.payload])).toEqual([
    [0, { pattern: 'normal' }],
    [0, { pop: false }],
    [1, { pattern: 'antalgic' }],
  ])
})

test('while the server is away everything is kept, also over a reload, and is sent when it is back', async () => {
  server('gone')
  const it = queue()
  it.add('history', { pop: true })
  await settle()
  expect(it.state.value).toBe('kept')
  await settle(1)
  expect(kept()?.waiting.map(({ payload }) => payload)).toContainEqual({ pop: true })
  scope.stop()

  const asked = server(saved('history', 1))
  scope = effectScope()
  const after = queue('tab', kept())
  expect(after.waiting.value).toHaveLength(1)
  await after.send()
  expect([asked[0]?.body.payload, after.state.value]).toEqual([{ pop: true }, 'saved'])
})

test('a try that fails waits twice as long as the one before, half a minute at most', async () => {
  vi.spyOn(Math, 'random').mockReturnValue(1)
  const asked = server('gone')
  queue().add('history', { pop: true })
  await settle()
  const tries = [asked.length]
  for (const wait of [2_000, 4_000, 8_000, 16_000, 30_000, 30_000]) {
    await settle(wait - 1)
    expect(asked).toHaveLength(tries.at(-1)!)
    await settle(1)
    tries.push(asked.length)
  }
  expect(tries).toEqual([1, 2, 3, 4, 5, 6, 7])
})

test('a session that ended asks for a log-in, loses nothing, and goes on', async () => {
  server(unauthenticated, saved('history', 1))
  const it = queue()
  it.add('history', { pop: true })
  await settle()
  expect(it.state.value).toBe('login')
  await settle(2000)
  expect([took, it.state.value]).toEqual([['history'], 'saved'])
})

test('what the server refuses is told and does not keep the others waiting', async () => {
  server({ status: 422, body: { error: { path: 'payload', reason: 'not so' } } }, saved('gait:both', 1))
  const it = queue()
  it.add('history', { mechanism: ['nonsense'] })
  it.add('gait:both', { pattern: 'normal' })
  await settle()
  expect(refusals).toEqual([{ part: 'history', status: 422, reason: 'not so' }])
  expect([took, it.waiting.value]).toEqual([['gait:both'], []])
})

test('an entry on which the server fails three times is set aside; a gateway that finds nobody does not count', async () => {
  server({ status: 502 }, { status: 500 }, { status: 500 }, { status: 500 }, saved('gait:both', 1))
  const it = queue()
  it.add('history', { pop: true })
  it.add('gait:both', { pattern: 'normal' })
  await settle()
  for (const wait of [2_000, 4_000, 8_000]) await settle(wait)
  expect(refusals).toEqual([{ part: 'history', status: 0, reason: 'The server failed on it three times' }])
  expect(took).toEqual(['gait:both'])
})

test('what another tab left is sent first, and refused parts stay until someone lets them go', async () => {
  const left = emptyDesk()
  left.waiting.push({
    part: 'history',
    payload: { pop: true },
    key: 'left key',
    from: { payload: null, version: 0 },
    tried: true,
  })
  left.refused.push({ part: 'gait:both', mine: null, reason: 'changed in between', newer: null })
  const asked = server(saved('history', 1))
  const it = queue('new tab', left)
  await it.send()
  expect(asked.map(({ body }) => body.key)).toEqual(['left key'])
  expect(it.state.value).toBe('refused')
  it.dropRefused('gait:both')
  expect(it.state.value).toBe('saved')
})

test('a draft is kept by part until its measure comes', () => {
  server('gone')
  const it = queue()
  it.keepDraft('lachman:left', { checks: { thighStable: true } })
  it.keepDraft('gait:both', { note: 'slow' })
  it.keepDraft('lachman:left', null)
  expect(it.drafts.value).toEqual({ 'gait:both': { note: 'slow' } })
})

test('a device that keeps nothing is not said to keep it, and is asked again with the next entry', async () => {
  server('gone')
  vi.mocked(keep).mockRejectedValue(new Error('no room'))
  const it = queue()
  it.add('history', { pop: true })
  await settle()
  expect(it.state.value).toBe('unkept')
  vi.mocked(keep).mockResolvedValue()
  it.add('gait:both', { pattern: 'normal' })
  await settle()
  expect(it.state.value).toBe('kept')
  expect(kept()?.waiting).toHaveLength(2)
})

test('until the device has kept it, nothing is said to be kept', async () => {
  server('gone')
  let done = (): void => undefined
  vi.mocked(keep).mockImplementation(() => new Promise((resolve) => (done = resolve)))
  const it = queue()
  it.add('history', { pop: true })
  await settle()
  expect(it.state.value).toBe('saving')
  vi.mocked(keep).mockResolvedValue()
  done()
  await settle()
  expect(it.state.value).toBe('kept')
})
