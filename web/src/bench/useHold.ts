import { type Ref, computed } from 'vue'
import type { Hold, Manoeuvre, SafetyLine } from '@/contract/types'
import { useExamination } from '@/stores/examination'
import { useVerdict } from '@/stores/verdict'

/** What the server said against a manoeuvre, with the line that says why. */
export interface Held extends Hold {
  line: SafetyLine | undefined
  /** Something entered since has not been judged yet: the hold may be gone, or not. */
  unsure: boolean
}

/** Looks up the server's verdict; a reason given opens what a reason may open. */
export function useHold(manoeuvre: Ref<Manoeuvre | null>) {
  const examination = useExamination()
  const verdict = useVerdict()

  const hold = computed<Held | null>(() => {
    const here = manoeuvre.value
    const safety = verdict.assessment?.safety
    const hold = here ? safety?.holds[here.id] : undefined
    if (
      !here ||
      !safety ||
      !hold ||
      hold.correctable ||
      (hold.mayOverride && examination.overrideOf(here.id) !== undefined)
    )
      return null
    return { ...hold, line: safety.lines.find((line) => line.rule === hold.rule), unsure: examination.isAhead }
  })
  /** What is pressed while the verdict is not known is kept, and judged when the server answers. */
  const canRecord = computed(() => manoeuvre.value !== null && (hold.value === null || hold.value.unsure))

  return { hold, canRecord }
}
