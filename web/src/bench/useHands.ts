import type { Ref } from 'vue'
import type { Manoeuvre, Payload, Side } from '@/contract/types'
import { useCatalogue } from '@/stores/catalogue'
import { useExamination } from '@/stores/examination'
import { useOpenExamination } from '@/stores/openExamination'
import { refusedFigure } from '@/figures/refusedFigures'
import { tell } from '@/ui/telling'
import { useHold } from './useHold'
import { useRecorder } from './useRecorder'
import { inOneLine } from './written'
import { t } from '@/messages/bench'

export interface HandsOptions {
  manoeuvre: Ref<Manoeuvre | null>
  /** The knee that the next entry is for. */
  activeSide: Ref<Side>
  step: (by: number) => void
  goToPart: (part: string) => void
}

/** What hands do on the bench, the same by tap and by key: what is held back is told, and nothing is recorded. */
export function useHands({ manoeuvre, activeSide, step, goToPart }: HandsOptions) {
  const catalogue = useCatalogue()
  const examination = useExamination()
  const opened = useOpenExamination()
  const recorder = useRecorder(manoeuvre)
  const { hold, canRecord } = useHold(manoeuvre)

  /** Fills both knees, goes on and says what it wrote. */
  function fill(payload: Payload): void {
    if (isHeld() || !manoeuvre.value) return
    const { name } = manoeuvre.value.card
    const written = recorder.fill(payload)
    step(1)
    tell(inOneLine(name, payload, written))
  }

  /** Nothing pressed is lost in silence. */
  function isHeld(): boolean {
    if (!canRecord.value && manoeuvre.value)
      tell(t('useHands.isWithheldNothingWasRecordedThe', { name: manoeuvre.value.card.name }))
    return !canRecord.value || isRefused()
  }

  /** A figure that stands in its field and was refused is put right first: nothing is stored over it. */
  function isRefused(): boolean {
    if (refusedFigure.value !== '')
      tell(t('useHands.nothingWasRecordedCorrectOrClear', { refusedFigure: refusedFigure.value }))
    return refusedFigure.value !== ''
  }

  function chooseBand(band: string): void {
    if (isHeld()) return
    activeSide.value = opened.hurtSide
    recorder.chooseBand(band)
  }

  /** By the place of the band in the catalogue, from 0. */
  function chooseBandAt(index: number): void {
    const band = catalogue.catalogue?.bands[index]?.id
    if (band !== undefined && recorder.has('differenceBand') && opened.head?.isBaseline !== true) chooseBand(band)
  }

  function feel(word: string): void {
    if (recorder.has('endFeel')) change({ endFeel: word })
  }

  function passChecks(): void {
    const checks = manoeuvre.value?.checks ?? []
    if (checks.length > 0) change({ checks: Object.fromEntries(checks.map((check) => [check, true])) })
  }

  function change(part: Payload): void {
    if (!isHeld()) recorder.change(part, manoeuvre.value?.bothAtOnce ? 'both' : activeSide.value)
  }

  /** What was taken back is shown, so that nothing changes out of sight. */
  function undo(): void {
    const part = examination.undo()
    if (part === null) return
    if (part !== 'frame') goToPart(part)
    tell(t('useHands.undone'))
  }

  return { hold, canRecord, fill, chooseBand, chooseBandAt, feel, passChecks, undo }
}
