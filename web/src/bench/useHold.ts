import { type Ref, computed } from 'vue'
import type { Assessment, Manoeuvre } from '@/contract/types'
import { useExamination } from '@/stores/examination'

/** Why hands stay off a manoeuvre for now. */
export type Hold = { kind: 'consent' } | { kind: 'gate' } | { kind: 'blocked'; line: Assessment['safety']['lines'][number] | undefined }

const WITHOUT_CONSENT = ['look', 'neurovascular']
/** After an injury these wait until the gate is answered. */
const STRESSING = ['stress', 'drawer', 'pivot']

/** Consent first, then the rules of the gate, then the gate itself; a reason given opens the last two. */
export function useHold(manoeuvre: Ref<Manoeuvre | null>) {
  const examination = useExamination()

  return computed<Hold | null>(() => {
    const here = manoeuvre.value
    const safety = examination.assessment?.safety
    if (!here || !safety) return null
    if (examination.section('opening').consentGiven !== true && !WITHOUT_CONSENT.includes(here.family)) return { kind: 'consent' }
    if (examination.overrideOf(here.id) !== undefined) return null
    if (safety.blocked.includes(here.id)) return { kind: 'blocked', line: safety.lines.find((line) => line.rule === safety.blockedBy[here.id]) }
    return !safety.gateOpen && STRESSING.includes(here.family) ? { kind: 'gate' } : null
  })
}
