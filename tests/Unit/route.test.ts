import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, test, vi } from 'vitest'
import { GATE, HISTORY } from '@/bench/route/places'
import { useRoute } from '@/bench/route/useRoute'
import { useSteps } from '@/bench/route/useSteps'
import type { Assessment } from '@/contract/types'
import { useCatalogue } from '@/stores/catalogue'
import { useOpenExamination } from '@/stores/openExamination'
import { useVerdict } from '@/stores/verdict'
import { catalogue } from './fixtures'

/** The ways through an examination: along the route on the bench, one thing at a time on the touchline. */
const at = (id: string) => ({ kind: 'manoeuvre' as const, id })

beforeEach(() => {
  setActivePinia(createPinia())
  useCatalogue().catalogue = catalogue()
  useOpenExamination().receive('frame', { payload: { hurtSide: 'left' }, version: 1 })
  judge(true)
})

function judge(gateOpen: boolean): void {
  const stops = [
    { station: 'supine', manoeuvres: ['lachman', 'pivot'] },
    { station: 'standing', manoeuvres: ['gait'] },
  ]
  useVerdict().replace({ route: { stops }, safety: { gateOpen } } as unknown as Assessment, [])
}

describe('on the bench', () => {
  test('one steps along the route, and not beyond its ends', () => {
    const moved = vi.fn()
    const { place, step } = useRoute({ moved })
    step(-1)
    expect(place.value).toEqual(HISTORY)
    step(1)
    step(1)
    expect(place.value).toEqual(at('lachman'))
    step(9)
    expect(place.value).toEqual(at('gait'))
    expect(moved.mock.calls.map(([to]) => (to as { kind: string }).kind)).toEqual([
      'history',
      'gate',
      'manoeuvre',
      'manoeuvre',
    ])
  })

  test('one stays where a refused figure stands', () => {
    const mayLeave = vi.fn(() => false)
    const { place, go, step } = useRoute({ mayLeave })
    step(1)
    go(at('gait'))
    expect([place.value, mayLeave.mock.calls.length]).toEqual([HISTORY, 2])
    mayLeave.mockReturnValue(true)
    go(at('gait'))
    expect(place.value).toEqual(at('gait'))
  })

  test('from beside the route one comes back to the first thing that is not done', () => {
    const { place, go, step } = useRoute()
    useOpenExamination().show('lachman:left', { normal: true })
    useVerdict().replace({ route: { stops: [{ station: 'supine', manoeuvres: ['lachman', 'gait'] }] } } as never, [])
    go(at('pivot'))
    step(1)
    expect(place.value).toEqual(at('gait'))
    useOpenExamination().show('gait:both', { normal: true })
    go(at('pivot'))
    step(1)
    expect(place.value).toEqual(HISTORY)
  })

  test('one goes from station to station, whatever is done there', () => {
    const { place, go, station, manoeuvre } = useRoute()
    go(at('lachman'))
    station(1)
    expect([place.value, manoeuvre.value?.id]).toEqual([at('gait'), 'gait'])
    station(1)
    expect(place.value).toEqual(at('gait'))
    station(-1)
    expect(place.value).toEqual(at('lachman'))
    station(-9)
    expect([place.value, manoeuvre.value]).toEqual([HISTORY, null])
  })

  test('a part is shown where it is entered', () => {
    const { place, goToPart } = useRoute()
    for (const [part, there] of [
      ['lachman:left', at('lachman')],
      ['safety', GATE],
      ['history', HISTORY],
    ] as const) {
      goToPart(part)
      expect(place.value).toEqual(there)
    }
  })
})

describe('on the touchline', () => {
  test('story and gate come first and the answer last, with nothing beyond them', () => {
    const { steps, step, manoeuvre, go, goToAnswer } = useSteps()
    expect(steps.value).toEqual(['history', 'gate', 'lachman', 'pivot', 'gait', 'answer'])
    go(-1)
    expect([step.value, manoeuvre.value]).toEqual(['history', null])
    go(2)
    expect(manoeuvre.value?.id).toBe('lachman')
    goToAnswer()
    go(1)
    expect(step.value).toBe('answer')
  })

  test('a shorter route leaves one at its end, and not nowhere', () => {
    const { step, goToAnswer } = useSteps()
    goToAnswer()
    useVerdict().replace({ route: { stops: [] }, safety: { gateOpen: true } } as never, [])
    expect(step.value).toBe('answer')
  })

  test('after a reload one goes on where nothing is recorded yet', () => {
    const { step, goOn } = useSteps()
    const opened = useOpenExamination()
    const stand = () => {
      goOn()
      return step.value
    }
    expect(stand()).toBe('history')
    opened.show('opening', { consentGiven: true })
    judge(false)
    expect(stand()).toBe('gate')
    judge(true)
    expect(stand()).toBe('lachman')
    opened.show('lachman:right', { normal: true })
    expect(stand()).toBe('lachman')
    opened.show('lachman:left', { normal: true })
    opened.show('pivot:left', { notDone: 'pain' })
    expect(stand()).toBe('gait')
    opened.show('gait:both', { normal: true })
    expect(stand()).toBe('answer')
  })

  test('a part leads to its step, and one that has none to the beginning', () => {
    const { step, goToPart } = useSteps()
    for (const [part, there] of [
      ['pivot:left', 'pivot'],
      ['safety', 'gate'],
      ['arthrometer:left', 'history'],
    ] as const) {
      goToPart(part)
      expect(step.value).toBe(there)
    }
  })
})
