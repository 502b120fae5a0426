import 'fake-indexeddb/auto'
import { mount } from '@vue/test-utils'
import { createPinia, setActivePinia } from 'pinia'
import { afterEach, beforeEach, expect, test, vi } from 'vitest'
import { createMemoryHistory, createRouter } from 'vue-router'
import BegunBar from '@/bench/BegunBar.vue'
import type { Assessment, AthleteFacts } from '@/contract/types'
import { begin } from '@/stores/begin'
import { useExamination } from '@/stores/examination'
import { useOpenExamination } from '@/stores/openExamination'
import { keepPast, pastHere } from '@/stores/past'
import { keepRoster, rosterHere } from '@/stores/roster'
import { useSession } from '@/stores/session'
import { clearShelf, examinationName, newId, shelved, unsent } from '@/sync'
import { discardUnsent } from '@/sync/desk'
import { openVault } from '@/sync/vault'
import { locks, saved, server } from './support'

const judging = vi.hoisted(() => ({ judge: vi.fn(), warmJudge: vi.fn(), beginsWith: vi.fn(), archiveHere: vi.fn() }))
vi.mock('@/judge', async () => ({
  ...judging,
  ...(await import('@/judge/preferServer')),
  ...(await import('@/judge/difference')),
}))

const ATHLETE = { id: '01athlete', name: 'Tove Brandreth', number: '4', squad: 'Judo', age: 22 }
const FACTS: AthleteFacts = { name: 'Tove Brandreth', bornOn: '2004-03-02', squad: 'Judo', number: '4', profile: null }
const assessment = { conditions: [], safety: { lines: [], holds: {} } } as unknown as Assessment
const router = createRouter({
  history: createMemoryHistory(),
  routes: [{ path: '/', name: 'today', component: { template: '<p />' } }],
})
const similar = { id: '01same', name: 'Tove Brandret', number: null, squad: 'Judo', age: 22, isArchived: false }

function started(added: AthleteFacts | null = null) {
  const start = {
    id: newId(),
    at: '2026-05-08T16:20:00Z',
    hurtSide: 'left' as const,
    daysSinceInjury: 0,
    route: 'touchline',
  }
  return { athlete: ATHLETE, added, start }
}

beforeEach(async () => {
  setActivePinia(createPinia())
  sessionStorage.clear()
  locks()
  await openVault('ada', btoa('k'.repeat(32)))
  await clearShelf()
  await discardUnsent()
  vi.resetAllMocks()
  judging.judge.mockResolvedValue(assessment)
  judging.beginsWith.mockResolvedValue({ format: 'f', version: 1, setting: 'touchline' })
})

afterEach(() => useExamination().close())

test('while the server answers it begins there, under the id of this device', async () => {
  const asked = server({ status: 201, body: { id: 'x' } })
  const beginning = started()
  await begin(beginning)
  expect(asked.map(({ path, body }) => [path, body.id, body.at])).toEqual([
    ['/api/athletes/01athlete/examinations', beginning.start.id, null],
  ])
  expect(await unsent()).toEqual([])
})

test('without the server it begins here, takes entries, and everything is sent in its order once', async () => {
  server('gone')
  const beginning = started()
  await begin(beginning)
  const store = useExamination()
  await store.open(beginning.start.id)
  expect([useOpenExamination().head?.athlete.name, useOpenExamination().hurtSide]).toEqual(['Tove Brandreth', 'left'])
  expect(judging.judge.mock.calls[0]![0]).toMatchObject({
    format: 'f',
    id: beginning.start.id,
    examinedAt: beginning.start.at,
    setting: 'touchline',
    ageYears: 22,
    findings: [],
  })
  store.saveSection('safety', { pulseOrFeelingLost: true })
  expect(store.waitingCount).toBe(2)
  await vi.waitFor(async () => expect(await unsent()).toEqual([{ examination: beginning.start.id, count: 2 }]))

  const asked = server({ status: 201, body: { id: beginning.start.id } }, saved('safety', 1), 'gone')
  window.dispatchEvent(new Event('offline'))
  window.dispatchEvent(new Event('online'))
  await vi.waitFor(() => expect(store.waitingCount).toBe(0))
  expect(asked.slice(0, 2).map(({ method, path }) => `${method} ${path}`)).toEqual([
    'POST /api/athletes/01athlete/examinations',
    `PUT /api/examinations/${beginning.start.id}/sections/safety`,
  ])
  expect(asked[0]!.body.at).toBe(beginning.start.at)
})

test('an athlete much like another is asked about, and nothing goes before that is answered', async () => {
  server('gone')
  const beginning = started(FACTS)
  await begin(beginning)
  const store = useExamination()
  await store.open(beginning.start.id)
  store.saveSection('history', { pop: true })

  const asked = server({
    status: 409,
    body: { error: { path: '', reason: 'is it one of these?' }, similar: [similar] },
  })
  window.dispatchEvent(new Event('offline'))
  window.dispatchEvent(new Event('online'))
  const bar = mount(BegunBar, { global: { plugins: [router] } })
  await vi.waitFor(() => expect(bar.text()).toContain('Tove Brandret, Judo'))
  expect([asked.length, asked[0]!.body.id, store.saveState]).toEqual([1, ATHLETE.id, 'refused'])

  const then = server({ status: 201, body: {} }, saved('history', 1), 'gone')
  await bar
    .findAll('button')
    .find((one) => one.text() === 'Use this athlete')!
    .trigger('click')
  await vi.waitFor(() => expect(store.waitingCount).toBe(0))
  expect(then[0]!.path).toBe('/api/athletes/01same/examinations')
})

test('an examination that the server never takes is discarded by a press, and by nothing else', async () => {
  server('gone')
  const beginning = started()
  await begin(beginning)
  const store = useExamination()
  await store.open(beginning.start.id)
  server({ status: 404, body: { error: { path: '', reason: 'there is no such athlete' } } })
  window.dispatchEvent(new Event('offline'))
  window.dispatchEvent(new Event('online'))
  await vi.waitFor(() => expect(store.begun?.refused?.reason).toBe('there is no such athlete'))
  expect(await unsent()).toHaveLength(1)
  await store.discard()
  expect(await unsent()).toEqual([])
  expect(await shelved(examinationName(beginning.start.id))).toBeNull()
})

test('a device without the rules waits for the server, and starts no athlete whom it does not know', async () => {
  server('gone')
  judging.beginsWith.mockResolvedValue(null)
  await expect(begin(started())).rejects.toThrow('The server cannot be reached')
  await expect(begin(started(FACTS))).rejects.toThrow('does not work offline')
  expect(await unsent()).toEqual([])
})

test('the list on the device finds each word in name, number and squad, without its marks', async () => {
  expect(await rosterHere('')).toBeNull()
  const listed = [
    { ...ATHLETE, name: 'Ödön Brackwater', bornOn: '2001-02-03' },
    { ...ATHLETE, id: '01b', number: null, squad: 'Handball', bornOn: '2001-02-03' },
  ]
  const asked = server({ status: 200, body: listed })
  await keepRoster()
  await keepRoster()
  expect(asked).toHaveLength(1)
  const found = async (search: string) => (await rosterHere(search))?.map(({ name }) => name)
  expect(await found('odon 4')).toEqual(['Ödön Brackwater'])
  expect(await found('hand tove')).toEqual(['Tove Brandreth'])
  expect(await found('judo tove')).toEqual([])
})

const BASIS = { format: 'f', version: 1, baseline: null, earlier: [], known: [], before: null }
const knee = (facts: object, basis: object = {}) => ({
  ...{ episode: null, isBaseline: false, hurtSide: 'left', injuredOn: null, sections: {} },
  ...facts,
  basis: { ...BASIS, ...basis },
})

test('of the same injury the earlier visits come along, as many days ago as it is by then', async () => {
  vi.useFakeTimers({ toFake: ['setTimeout', 'clearTimeout', 'Date'], now: Date.parse('2026-05-06T08:00:00Z') })
  try {
    useSession().user = { ...useSession().user!, examines: true }
    const opening = { coachMayKnow: true }
    const knees = [
      knee(
        { episode: '01e', injuredOn: '2026-05-01', sections: { history: { pop: true }, opening } },
        { earlier: [{ daysAgo: 3 }] },
      ),
      knee({ sections: { opening } }, { known: [{ daysAgo: 40, by: 'mri' }] }),
      knee({ hurtSide: 'right' }),
      knee({ isBaseline: true }),
    ]
    const asked = server({ status: 200, body: { on: '2026-05-06', knees } }, 'gone')
    keepPast([ATHLETE.id])
    await vi.advanceTimersByTimeAsync(4_000)
    await vi.waitFor(async () => expect(await pastHere(ATHLETE.id)).not.toBeNull())
    expect(asked.map(({ path }) => path)).toEqual([`/api/athletes/${ATHLETE.id}/past`])
    vi.setSystemTime(Date.parse('2026-05-08T16:20:00Z'))
    const begunWith = async (daysSinceInjury: number | null, hurtSide: 'left' | 'right') => {
      const beginning = started()
      await begin({ ...beginning, start: { ...beginning.start, daysSinceInjury, hurtSide } })
      return judging.judge.mock.lastCall![0] as { id: string } & Record<string, unknown>
    }
    const again = await begunWith(7, 'left')
    expect(again).toMatchObject({ history: { pop: true }, opening, earlier: [{ daysAgo: 5 }] })
    const anew = await begunWith(0, 'left')
    expect([anew.history, anew.earlier, anew.known]).toEqual([undefined, undefined, [{ daysAgo: 42, by: 'mri' }]])
    expect(await begunWith(null, 'right')).not.toHaveProperty('known')
    const store = useExamination()
    await store.open(again.id)
    expect(useOpenExamination().payload('history')).toEqual({ pop: true })
    expect(mount(BegunBar, { global: { plugins: [router] } }).text()).toContain(
      'of Tove Brandreth as of Wed 6 May, 08:00',
    )
  } finally {
    vi.useRealTimers()
  }
})
