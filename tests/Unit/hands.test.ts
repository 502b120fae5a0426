import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, test, vi } from 'vitest'
import { effectScope, ref } from 'vue'
import { useHands } from '@/bench/useHands'
import { useRecorder } from '@/bench/useRecorder'
import { useRefusedFigure } from '@/figures/refusedFigures'
import type { Assessment, Hold, Manoeuvre, Side } from '@/contract/types'
import { useCatalogue } from '@/stores/catalogue'
import { useExamination } from '@/stores/examination'
import { useOpenExamination } from '@/stores/openExamination'
import { useVerdict } from '@/stores/verdict'
import { told } from '@/ui/telling'
import { catalogue, field, manoeuvre } from './fixtures'

/** What hands do on the bench, over the real stores: what is kept, what gives way, and what is held back. */
const LACHMAN = manoeuvre('lachman', 'supine', {
  fields: [field('translationMm'), field('differenceBand'), field('endFeel')],
  checks: ['hamstringsRelaxed', 'footStayedDown'],
})

beforeEach(() => {
  setActivePinia(createPinia())
  useCatalogue().catalogue = catalogue()
  useOpenExamination().receive('frame', { payload: { hurtSide: 'right' }, version: 1 })
  judge({})
})

/** What the server holds back, by manoeuvre. */
function judge(holds: Record<string, Partial<Hold>>): void {
  const lines = [{ rule: 'fracture', say: 'Looks broken.' }]
  useVerdict().replace({ safety: { holds, lines, gateOpen: true } } as unknown as Assessment, [])
}

function hands(of: Manoeuvre = LACHMAN, side: Side = 'right') {
  const activeSide = ref(side)
  const [step, goToPart] = [vi.fn(), vi.fn()]
  return { activeSide, step, goToPart, ...useHands({ manoeuvre: ref(of), activeSide, step, goToPart }) }
}

const finding = (side: Side | 'both' = 'right', id = 'lachman') => useOpenExamination().record(id, side)

describe('one press', () => {
  test('stores nothing over a figure that was refused and still stands in its field', async () => {
    const fault = ref('Enter a number from 0 to 40 mm.')
    const scope = effectScope()
    scope.run(() => useRefusedFigure(fault, () => 'Translation'))
    const { fill, step } = hands()
    fill({ normal: true })
    expect([finding('left'), finding('right'), step.mock.calls.length]).toEqual([null, null, 0])
    expect(told.value).toContain('correct or clear the figure first (Translation)')
    scope.stop()
    fill({ normal: true })
    expect(finding('right')).toEqual({ normal: true })
  })

  test('gives neither knee of a baseline more than the other', () => {
    useOpenExamination().head = { isBaseline: true } as never
    hands().chooseBandAt(1)
    expect(finding('right')).toBeNull()
  })

  test('fills both knees, goes on, and says what it wrote', () => {
    const { fill, step } = hands()
    fill({ normal: true })
    expect([finding('left'), finding('right')]).toEqual([{ normal: true }, { normal: true }])
    expect(step).toHaveBeenCalledWith(1)
    expect(told.value).toBe('LACHMAN: both knees normal.')
  })

  test('leaves alone what was recorded, and says that too', () => {
    useOpenExamination().show('lachman:right', { translationMm: 9 })
    hands().fill({ normal: true })
    expect([finding('left'), finding('right')]).toEqual([{ normal: true }, { translationMm: 9 }])
    expect(told.value).toBe('LACHMAN: left knee normal; the right knee keeps its recorded finding.')
  })

  test('of both legs at once is one entry', () => {
    hands(manoeuvre('gait', 'standing', { bothAtOnce: true })).fill({ notDone: 'pain' })
    expect(useOpenExamination().record('gait', 'both')).toEqual({ notDone: 'pain' })
  })

  test('of a band is of the hurt knee, whichever was active; the same again takes it back', () => {
    const { chooseBandAt, activeSide } = hands(LACHMAN, 'left')
    chooseBandAt(1)
    expect([finding('right'), activeSide.value]).toEqual([{ differenceBand: 'slight' }, 'right'])
    chooseBandAt(1)
    expect(finding('right')).toBeNull()
    chooseBandAt(7)
    expect(finding('right')).toBeNull()
  })

  test('of all checks goes along with what was measured', () => {
    const { feel, passChecks } = hands()
    feel('soft')
    passChecks()
    expect(finding()).toEqual({ endFeel: 'soft', checks: { hamstringsRelaxed: true, footStayedDown: true } })
  })

  test('of what a manoeuvre does not have is nothing', () => {
    const { feel, passChecks, chooseBandAt } = hands(manoeuvre('pivot', 'supine'))
    feel('soft')
    passChecks()
    chooseBandAt(0)
    expect(finding('right', 'pivot')).toBeNull()
  })
})

describe('what is entered', () => {
  test('in millimetres takes the place of a band, of normal and of not done', () => {
    const { change } = useRecorder(ref(LACHMAN))
    for (const before of [{ differenceBand: 'clear' }, { normal: true }, { notDone: 'pain' }]) {
      useOpenExamination().show('lachman:right', before)
      change({ translationMm: 6 }, 'right')
      expect(finding()).toEqual({ translationMm: 6 })
    }
  })

  test('as a note or a check stands beside normal and not done', () => {
    const { change } = useRecorder(ref(LACHMAN))
    useOpenExamination().show('lachman:right', { notDone: 'pain' })
    change({ note: 'cries out' }, 'right')
    expect(finding()).toEqual({ notDone: 'pain', note: 'cries out' })
  })

  test('on the touchline is of the hurt knee alone', () => {
    expect(useRecorder(ref(LACHMAN), { hurtOnly: true }).fill({ normal: true })).toEqual({
      sides: ['right'],
      filled: ['right'],
    })
    expect(finding('left')).toBeNull()
  })

  test('can be taken back on both knees', () => {
    useOpenExamination().show('lachman:left', { normal: true })
    useOpenExamination().show('lachman:right', { translationMm: 9 })
    useRecorder(ref(LACHMAN)).takeBack()
    expect([finding('left'), finding('right')]).toEqual([null, null])
  })
})

describe('what the server holds back', () => {
  const HELD = { kind: 'rule', rule: 'fracture', mayOverride: true, correctable: false } as unknown as Hold

  test('is told and not recorded, with the line that says why', () => {
    judge({ lachman: HELD })
    const { hold, canRecord, fill, chooseBand, feel, step } = hands()
    fill({ normal: true })
    chooseBand('slight')
    feel('soft')
    expect([finding('left'), finding('right')]).toEqual([null, null])
    expect(step).not.toHaveBeenCalled()
    expect([canRecord.value, hold.value?.line?.say]).toEqual([false, 'Looks broken.'])
    expect(told.value).toContain('LACHMAN is withheld: nothing was recorded.')
  })

  test('is opened by a reason, which goes along with what is found', () => {
    judge({ lachman: HELD })
    useExamination().override('lachman', 'the X-ray is clear')
    const { hold, feel } = hands()
    expect(hold.value).toBeNull()
    feel('soft')
    expect(finding()).toEqual({ override: 'the X-ray is clear', endFeel: 'soft' })
  })

  test('is opened by no reason where none may open it, and stays open where its own finding raised it', () => {
    judge({ lachman: { ...HELD, mayOverride: false } })
    useExamination().override('lachman', 'I want to')
    expect(hands().canRecord.value).toBe(false)
    judge({ lachman: { ...HELD, correctable: true } })
    expect(hands().canRecord.value).toBe(true)
  })
})

test('what is undone is shown where it was entered', () => {
  const { feel, undo, goToPart } = hands()
  undo()
  expect(goToPart).not.toHaveBeenCalled()
  feel('soft')
  undo()
  expect(finding()).toBeNull()
  expect(goToPart).toHaveBeenCalledWith('lachman:right')
  expect(told.value).toBe('Undone.')
})
