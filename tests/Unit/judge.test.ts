import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, expect, test, vi } from 'vitest'
import { effectScope, nextTick, ref } from 'vue'
import type { Assessment, Payload } from '@/contract/types'
import { Core } from '@/judge/core'
import { firstDifference } from '@/judge/difference'
import { imageOf, pagesOf, restore } from '@/judge/image'
import type { Asked, Told } from '@/judge/messages'
import type { Manifest } from '@/judge/parcel'
import { useDeviceVerdict } from '@/stores/deviceVerdict'
import { documentOf } from '@/stores/document'
import { noteDifference } from '@/stores/noteDifference'
import type { ExaminationHead } from '@/stores/openExamination'
import { useVerdict } from '@/stores/verdict'
import { server } from './support'

const judging = vi.hoisted(() => ({ judge: vi.fn(), warmJudge: vi.fn(), archiveHere: vi.fn() }))
vi.mock('@/judge', async () => ({ ...judging, ...(await import('@/judge/difference')) }))

const MANIFEST = { binary: '/a.wasm', archive: '/b.json', rules: '1', bytes: {}, sha256: {} } as Manifest

/** Answers as it is told to, and notes what it was asked. */
class FakeWorker {
  onmessage: ((event: { data: Told }) => void) | null = null
  onerror: ((event: { message: string }) => void) | null = null
  ended = false

  constructor(
    private readonly asked: Asked[],
    private readonly answer: (asked: Asked) => Told | Promise<Told> | null,
  ) {}

  postMessage(asked: Asked): void {
    this.asked.push(asked)
    void Promise.resolve(this.answer(asked)).then((told) => told && this.onmessage?.({ data: told }))
  }

  terminate(): void {
    this.ended = true
  }
}

function made(answer: (asked: Asked) => Told | Promise<Told> | null) {
  const asked: Asked[] = []
  const workers: FakeWorker[] = []
  const core = new Core(MANIFEST, () => {
    workers.push(new FakeWorker(asked, answer))
    return workers.at(-1) as unknown as Worker
  })
  return { core, asked, workers }
}

const started = (asked: Asked): Told | null => ('start' in asked ? { started: true, isRestored: false } : null)

beforeEach(() => {
  setActivePinia(createPinia())
  vi.resetAllMocks()
})

test('the core starts once, and answers one question after the other', async () => {
  const { core, asked, workers } = made(
    (one) => started(one) ?? { id: 1, answer: `to ${'question' in one && one.question}`, isFull: false },
  )
  await core.warm()
  expect(await core.ask('assess', 'one')).toBe('to one')
  expect(await core.ask('assess', 'two')).toBe('to two')
  expect([workers.length, asked.filter((one) => 'start' in one).length]).toEqual([1, 1])
})

test('of questions that wait only the newest is asked', async () => {
  let release = (() => undefined) as (told: Told) => void
  const { core, asked } = made((one) => started(one) ?? new Promise<Told>((accept) => (release = accept)))
  await core.warm()
  const first = core.ask('assess', 'first')
  await vi.waitFor(() => expect(asked).toHaveLength(2))
  const second = core.ask('assess', 'second')
  const third = core.ask('assess', 'third')
  await expect(second).rejects.toThrow()
  release({ id: 1, answer: 'a', isFull: false })
  expect(await first).toBe('a')
  await vi.waitFor(() => expect(asked).toHaveLength(3))
  release({ id: 2, answer: 'c', isFull: false })
  expect(await third).toBe('c')
  expect(asked.slice(1).map((one) => 'question' in one && one.question)).toEqual(['first', 'third'])
})

test('a worker that fails is replaced and asked once more; when that fails too, it is said', async () => {
  let failures = 1
  const { core, workers } = made(
    (one) =>
      started(one) ?? (failures-- > 0 ? { id: 1, failed: 'out of memory' } : { id: 1, answer: 'there', isFull: false }),
  )
  expect(await core.ask('assess', 'one')).toBe('there')
  expect([workers.length, workers[0]!.ended]).toEqual([2, true])
  failures = 2
  await expect(core.ask('assess', 'two')).rejects.toThrow('out of memory')
})

const head = (basis: object | null) =>
  ({ id: '01A', examinedAt: '2026-12-01T09:00:00Z', basis }) as unknown as ExaminationHead
const BASIS = { format: 'f', version: 1, baseline: null, earlier: [], known: [], before: null }

test('the document is composed as the server composes it', () => {
  const parts: [string, Payload | null][] = [
    ['frame', { hurtSide: 'left', otherKneeReliable: false }],
    ['history', { pop: true }],
    ['pulseChecks', { entries: [{ felt: true }] } as unknown as Payload],
    ['lachman:left', { translationMm: 9 }],
    ['gait:both', { override: 'asked to', pattern: 'limp' }],
    ['valgus_30:left', { checks: { quadricepsRelaxed: true } } as unknown as Payload],
    ['sag:left', null],
  ]
  const baseline = { on: '2026-01-01', findings: [] }
  const basis = { ...BASIS, baseline, earlier: [{ daysAgo: 3 }] }
  const beforeGate = new Set(['lachman:left', 'gait:both'])
  expect(documentOf({ head: head(basis), parts, beforeGate })).toEqual({
    format: 'f',
    version: 1,
    id: '01A',
    examinedAt: '2026-12-01T09:00:00Z',
    hurtSide: 'left',
    otherKneeReliable: false,
    history: { pop: true },
    pulseChecks: [{ felt: true }],
    baseline,
    earlier: [{ daysAgo: 3 }],
    findings: [
      { manoeuvre: 'lachman', side: 'left', translationMm: 9, override: 'recorded before the gate' },
      { manoeuvre: 'gait', side: 'both', pattern: 'limp', override: 'asked to' },
    ],
  })
  expect(documentOf({ head: head(null), parts, beforeGate })).toBeNull()
})

function watching(isAway: boolean) {
  const entries = ref(0)
  const isWaiting = ref(false)
  const settled = vi.fn()
  const scope = effectScope()
  scope.run(() =>
    useDeviceVerdict({
      document: () => ({ n: entries.value }),
      before: () => null,
      entries,
      isWaiting,
      isAway,
      settled,
    }),
  )
  return { entries, isWaiting, scope, settled }
}

const said = (name: string) => ({ name }) as unknown as Assessment

test('while the server is away, the device judges at once; once the server has everything, its word stands', async () => {
  const verdict = useVerdict()
  verdict.replace(said('server'), [])
  judging.judge.mockImplementation(async ({ n }: { n: number }) => said(`device ${n}`))
  const { entries, isWaiting, scope, settled } = watching(true)
  expect(judging.warmJudge).toHaveBeenCalledOnce()
  entries.value = 1
  isWaiting.value = true
  await vi.waitFor(() => expect(verdict.assessment).toEqual(said('device 1')))
  expect([verdict.here?.upTo, verdict.told]).toEqual([1, said('server')])
  isWaiting.value = false
  await nextTick()
  expect([verdict.assessment, verdict.here]).toEqual([said('server'), null])
  expect(settled.mock.calls).toEqual([[said('device 1'), said('server')]])
  scope.stop()
})

test('a server that answers in time is not anticipated, and one that does not is', async () => {
  vi.useFakeTimers()
  judging.judge.mockResolvedValue(said('device'))
  const { entries, isWaiting, scope } = watching(false)
  entries.value = 1
  isWaiting.value = true
  await vi.advanceTimersByTimeAsync(1_400)
  isWaiting.value = false
  await vi.advanceTimersByTimeAsync(5_000)
  expect(judging.judge).not.toHaveBeenCalled()
  entries.value = 2
  isWaiting.value = true
  await vi.advanceTimersByTimeAsync(1_600)
  expect(judging.judge).toHaveBeenCalledWith({ n: 2 }, null)
  scope.stop()
  vi.useRealTimers()
})

test('what this device cannot judge stays as the server said it', async () => {
  const verdict = useVerdict()
  verdict.replace(said('server'), [])
  judging.judge.mockRejectedValueOnce(new Error('refused')).mockResolvedValue(null)
  const { entries, isWaiting, scope } = watching(true)
  for (const n of [1, 2]) {
    entries.value = n
    isWaiting.value = true
    await vi.waitFor(() => expect(judging.judge).toHaveBeenCalledTimes(n))
  }
  expect([verdict.assessment, verdict.here]).toEqual([said('server'), null])
  scope.stop()
})

test('memory is put back as it was, without what was never written', () => {
  const memory = new WebAssembly.Memory({ initial: 8, maximum: 8 })
  const bytes = new Uint8Array(memory.buffer)
  bytes.set([1, 2, 3], 10_000)
  bytes[400_000] = 7
  const image = imageOf(memory)
  expect([pagesOf(image), image.byteLength]).toEqual([8, 3 * 4096])
  const other = new WebAssembly.Memory({ initial: 8, maximum: 8 })
  new Uint8Array(other.buffer).set([9, 9], 200_000)
  restore(other, image)
  expect(Buffer.compare(Buffer.from(other.buffer), Buffer.from(memory.buffer))).toBe(0)
})

test('a worker whose memory is full answers, and is replaced before the next question', async () => {
  const { core, workers } = made((one) => started(one) ?? { id: 1, answer: 'a', isFull: true })
  expect(await core.ask('assess', 'one')).toBe('a')
  expect(await core.ask('assess', 'two')).toBe('a')
  expect(workers.map(({ ended }) => ended)).toEqual([true, true])
})

test('each kind of question keeps its newest, and a verdict goes before what is varied', async () => {
  let release = (() => undefined) as (told: Told) => void
  const { core, asked } = made((one) => started(one) ?? new Promise<Told>((accept) => (release = accept)))
  await core.warm()
  const first = core.ask('rates', 'first')
  await vi.waitFor(() => expect(asked).toHaveLength(2))
  const later = [core.ask('weighUp', 'varied'), core.ask('assess', 'verdict')]
  for (const id of [1, 2, 3]) {
    await vi.waitFor(() => expect(asked).toHaveLength(id + 1))
    release({ id, answer: `${id}`, isFull: false })
  }
  expect(await Promise.all([first, ...later])).toEqual(['1', '3', '2'])
})

test('two assessments differ at a place, and not in the last digit of a number', () => {
  const there = { plan: { play: 'stop' }, conditions: [{ id: 'acl', posttest: 0.3 }] }
  expect(firstDifference({ ...there, weighing: {} }, there)).toBeNull()
  expect(firstDifference({ ...there, conditions: [{ id: 'acl', posttest: 0.3 + 1e-14 }] }, there)).toBeNull()
  expect(firstDifference({ ...there, conditions: [{ id: 'acl', posttest: 0.31 }] }, there)).toBe(
    'conditions.0.posttest',
  )
  expect(firstDifference({ ...there, conditions: [] }, there)).toBe('conditions')
  expect(firstDifference({ ...there, plan: { play: null } }, there)).toBe('plan.play')
})

test('a difference goes to the log of the server by its place and the digest, and the same goes nowhere', async () => {
  const asked = server({ status: 204 })
  judging.archiveHere.mockReturnValue('0123456789abcdef')
  await noteDifference('01E', said('one'), said('one'))
  expect(asked).toEqual([])
  await noteDifference('01E', said('one'), said('other'))
  expect(asked.map(({ path, body }) => [path, body])).toEqual([
    ['/api/examinations/01E/differences', { path: 'name', archive: '0123456789abcdef' }],
  ])
})
