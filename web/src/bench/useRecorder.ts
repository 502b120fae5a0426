import { type Ref, computed } from 'vue'
import type { Manoeuvre, Payload, Side } from '@/contract/types'
import { useExamination } from '@/stores/examination'
import { useOpenExamination } from '@/stores/openExamination'
import { sourcesAfter } from './sources'
import type { Written } from './written'

export interface RecorderOptions {
  /** On the touchline nobody looks at the other knee, so nothing is written of it. */
  hurtOnly?: boolean
}

/** Ways of entering what one manoeuvre showed; the same by tap, by key and on the touchline. */
export function useRecorder(manoeuvre: Ref<Manoeuvre | null>, { hurtOnly = false }: RecorderOptions = {}) {
  const examination = useExamination()
  const opened = useOpenExamination()
  const sides = computed<(Side | 'both')[]>(() =>
    manoeuvre.value?.bothAtOnce ? ['both'] : hurtOnly ? [opened.hurtSide] : [opened.otherSide, opened.hurtSide],
  )

  /** What is taken against the gate carries the reason that was given for it. */
  function put(payload: Payload | null, side: Side | 'both'): void {
    if (!manoeuvre.value) return
    const reason = examination.overrideOf(manoeuvre.value.id)
    examination.saveRecord(
      manoeuvre.value.id,
      side,
      payload !== null && reason !== undefined ? { override: reason, ...payload } : payload,
    )
  }

  /** Adds to what a knee holds; a measure takes the place of “normal” and of “not done”, a check or a note does not. */
  function change(part: Payload, side: Side | 'both'): void {
    if (!manoeuvre.value) return
    const { normal, notDone, ...kept } = opened.record(manoeuvre.value.id, side) ?? {}
    const alongside = Object.keys(part).every((key) => key === 'checks' || key === 'note')
    const next: Payload = { ...kept, ...(alongside && { normal, notDone }), ...part, by: sourcesAfter(kept, part) }
    if (part.translationMm !== undefined || part.openingMm !== undefined) delete next.differenceBand
    for (const [key, value] of Object.entries(next)) if (value === undefined) delete next[key]
    put(next, side)
  }

  /** Fills the knees that hold nothing yet; the others keep what they have. */
  function fill(payload: Payload): Written {
    const id = manoeuvre.value?.id
    const filled = id === undefined ? [] : sides.value.filter((side) => !opened.isDone(id, side))
    for (const side of filled) put({ ...opened.record(id!, side), ...payload }, side)
    return { sides: sides.value, filled }
  }

  /** A band is an estimate of the hurt knee against the other; it takes the place of millimetres. A second tap takes it back. */
  function chooseBand(band: string): void {
    if (!manoeuvre.value) return
    const {
      translationMm: _t,
      openingMm: _o,
      normal: _n,
      notDone: _d,
      differenceBand,
      by: _b,
      ...kept
    } = opened.record(manoeuvre.value.id, opened.hurtSide) ?? {}
    put(differenceBand === band ? kept : { ...kept, differenceBand: band }, opened.hurtSide)
  }

  /** What was found can always be taken back, whatever holds; undo brings it again. */
  function takeBack(): void {
    if (!manoeuvre.value) return
    for (const side of sides.value)
      if (opened.isDone(manoeuvre.value.id, side)) examination.saveRecord(manoeuvre.value.id, side, null)
  }

  function has(field: string): boolean {
    return manoeuvre.value?.fields.some((f) => f.name === field) ?? false
  }

  return { sides, put, change, fill, chooseBand, takeBack, has }
}
