import { type Ref, ref, watch } from 'vue'
import { type FigureRange, readFigure, spokenFigure } from './readFigure'
import { useRefusedFigure } from './refusedFigures'

export interface FigureOptions {
  /** What is stored now; undefined where nothing is. */
  value: () => number | undefined
  range: () => FigureRange
  /** What the field is called. */
  label: () => string
  /** A sound figure, or undefined where the field was emptied. */
  change: (value: number | undefined) => void
}

export interface FigureReturn {
  /** What stands in the field. */
  text: Ref<string>
  /** Why it was refused; empty where it was not. */
  fault: Ref<string>
  /** Takes what stands in the field. False where it was refused: it stays, and nothing is stored. */
  take: () => boolean
  /** The same while it is being typed: what stands in the field is left as it is. */
  follow: () => boolean
}

/** The text of one figure: taken when the field is left, refused beside it where it is out of range. */
export function useFigure({ value, range, label, change }: FigureOptions): FigureReturn {
  const shown = (): string => {
    const now = value()
    return now === undefined || Number.isNaN(now) ? '' : spokenFigure(now)
  }
  const text = ref(shown())
  const fault = ref('')
  useRefusedFigure(fault, label)
  // Another figure from elsewhere takes the place of a sound one, not of one that is still being put right.
  watch(value, (now) => {
    if (fault.value === '' && readFigure(text.value).value !== now) text.value = shown()
  })

  function follow(): boolean {
    const read = readFigure(text.value, range())
    fault.value = read.fault
    if (read.fault !== '') return false
    if (read.value !== value()) change(read.value)
    return true
  }

  function take(): boolean {
    const taken = follow()
    if (taken) text.value = text.value.trim() === '' ? '' : spokenFigure(readFigure(text.value).value ?? 0)
    return taken
  }

  return { text, fault, take, follow }
}
