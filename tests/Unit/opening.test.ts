import { flushPromises, mount } from '@vue/test-utils'
import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, onTestFinished, test, vi } from 'vitest'
import { effectScope, nextTick, ref } from 'vue'
import { createMemoryHistory, createRouter } from 'vue-router'
import type { Assessment, Examination, Problem } from '@/contract/types'
import { useLook, useOutdoorLook } from '@/shared/look'
import { useCatalogue } from '@/stores/catalogue'
import { useExamination } from '@/stores/examination'
import { keptFrom } from '@/stores/kept'
import { type ExaminationHead, useOpenExamination } from '@/stores/openExamination'
import { type OpenOptions, useOpen } from '@/stores/useOpen'
import { useVerdict } from '@/stores/verdict'
import { useWeighing } from '@/weighup/useWeighing'
import { catalogue } from './fixtures'
import { server } from './support'

/** How a screen gets to what it shows: an examination, a weighing, a look. */
beforeEach(() => setActivePinia(createPinia()))

const HEAD = { id: '01A', status: 'draft', athlete: { name: 'Ada Own' } } as unknown as ExaminationHead

describe('an examination', () => {
  const router = createRouter({
    history: createMemoryHistory(),
    routes: [
      { path: '/', name: 'today', component: { template: '<i />' } },
      { path: '/summary', name: 'summary', component: { template: '<i />' } },
    ],
  })

  /** The server, as the store sees it: it gives this head, or fails. */
  function gives(head: ExaminationHead | Error) {
    useCatalogue().catalogue = catalogue()
    return vi.spyOn(useExamination(), 'open').mockImplementation(() => {
      if (head instanceof Error) return Promise.reject(head)
      useOpenExamination().replace(head, {})
      useVerdict().replace({} as Assessment, [])
      return Promise.resolve()
    })
  }

  async function screen(options: Partial<OpenOptions> = {}) {
    let open!: ReturnType<typeof useOpen>
    const view = mount(
      {
        setup() {
          open = useOpen({ id: '01A', ...options })
          return () => null
        },
      },
      { global: { plugins: [router] } },
    )
    await flushPromises()
    return { view, ...open }
  }

  test('is there once record, verdict and catalogue are', async () => {
    gives(HEAD)
    const afterwards = vi.fn()
    const { ready, problem } = await screen({ afterwards })
    expect([ready.value, problem.value, afterwards.mock.calls.length]).toEqual([true, '', 1])
  })

  test('says why it is not there, and can be asked for again', async () => {
    const open = gives(new Error('The server cannot be reached.'))
    const { ready, problem, load } = await screen()
    expect([ready.value, problem.value]).toEqual([false, 'The server cannot be reached.'])
    open.mockRestore()
    gives(HEAD)
    await load()
    expect([ready.value, problem.value]).toEqual([true, ''])
  })

  test('that is another one is read when the address changes', async () => {
    const open = gives(HEAD)
    const id = ref('01A')
    await screen({ id })
    id.value = '01B'
    await flushPromises()
    expect(open.mock.calls.map(([asked]) => asked)).toEqual(['01A', '01B'])
  })

  test('that does not fit a screen leads to the one that it fits, also once it is signed', async () => {
    gives(HEAD)
    const elsewhere = (head: ExaminationHead) => (head.status === 'signed' ? { name: 'summary' } : null)
    await router.push('/')
    const { ready } = await screen({ elsewhere })
    expect([ready.value, router.currentRoute.value.name]).toEqual([true, 'today'])
    useOpenExamination().head = { ...HEAD, status: 'signed' }
    await flushPromises()
    expect(router.currentRoute.value.name).toBe('summary')
  })
})

test('what the server told is kept by parts, with what a rule has closed on since', () => {
  const kept = keptFrom({
    ...HEAD,
    sections: [{ name: 'frame', payload: { hurtSide: 'left' }, version: 2 }],
    records: [
      { manoeuvre: 'lachman', side: 'left', payload: { normal: true }, version: 3, beforeGate: true },
      { manoeuvre: 'lachman', side: 'right', payload: null, version: 1, beforeGate: false },
    ],
    assessment: { zones: [] },
  } as unknown as Examination)
  expect(kept.parts).toEqual({
    frame: { payload: { hurtSide: 'left' }, version: 2 },
    'lachman:left': { payload: { normal: true }, version: 3 },
    'lachman:right': { payload: null, version: 1 },
  })
  expect([kept.beforeGate, kept.head.id, kept.marks]).toEqual([['lachman:left'], '01A', {}])
})

test('a problem is weighed anew when it changes, and the last good answer stays on a fault', async () => {
  vi.useFakeTimers()
  onTestFinished(() => void vi.useRealTimers())
  const asked = server(
    { status: 200, body: { conditions: [] } },
    { status: 422, body: { error: { path: 'conditions[0].pretest', reason: 'expected a chance' } } },
    'gone',
  )
  const problem = ref<Problem | null>(null)
  const scope = effectScope()
  const { weighed, fault } = scope.run(() => useWeighing(problem, ref('acl'), ref(['lachman'])))!
  const settle = async () => {
    await nextTick()
    await vi.advanceTimersByTimeAsync(100)
  }
  await settle()
  expect(asked).toHaveLength(0)
  problem.value = { conditions: [{ id: 'acl' }] } as unknown as Problem
  await settle()
  expect([weighed.value, fault.value]).toEqual([{ conditions: [] }, ''])
  problem.value = { conditions: [{ id: 'pcl' }] } as unknown as Problem
  await settle()
  expect([weighed.value, fault.value]).toEqual([{ conditions: [] }, 'conditions[0].pretest: expected a chance'])
  problem.value = { conditions: [] } as unknown as Problem
  await settle()
  expect(weighed.value).toEqual({ conditions: [] })
  expect(fault.value).not.toBe('conditions[0].pretest: expected a chance')
  scope.stop()
})

test('the look of the screen follows the hand, then the place, then the device', async () => {
  const scope = effectScope()
  const { chosen, look } = scope.run(() => useLook())!
  chosen.value = 'auto'
  await nextTick()
  expect([look.value, document.documentElement.dataset.look]).toEqual(['light', 'light'])
  const outdoors = effectScope()
  outdoors.run(() => useOutdoorLook())
  await nextTick()
  expect(document.documentElement.dataset.look).toBe('outdoor')
  chosen.value = 'dark'
  await nextTick()
  expect(look.value).toBe('dark')
  chosen.value = 'auto'
  outdoors.stop()
  await nextTick()
  expect(document.documentElement.dataset.look).toBe('light')
  scope.stop()
})
