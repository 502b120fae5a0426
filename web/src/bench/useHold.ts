import { type Ref, computed } from 'vue'
import type { Assessment, Manoeuvre } from '@/contract/types'
import { useExamination } from '@/stores/examination'

/** Why hands stay off a manoeuvre for now. */
export type Hold = { kind: 'consent' } | { kind: 'gate' } | { kind: 'blocked'; line: Assessment['safety']['lines'][number] | undefined }

const WITHOUT_CONSENT = ['look', 'neurovascular']
/** After an injury these wait until the gate is answered. */
const STRESSING = ['stress', 'drawer', 'pivot']

/** A rule of the gate, then consent, then the gate not yet answered; a reason given opens all but consent. */
export function useHold(manoeuvre: Ref<Manoeuvre | null>) {
  const examination = useExamination()

  return computed<Hold | null>(() => {
    const here = manoeuvre.value
    const safety = examination.assessment?.safety
    if (!here || !safety) return null
    const overridden = examination.overrideOf(here.id) !== undefined
    if (safety.blocked.includes(here.id) && !overridden) return { kind: 'blocked', line: safety.lines.find((line) => line.rule === safety.blockedBy[here.id]) }
    if (examination.section('opening').consentGiven !== true && !WITHOUT_CONSENT.includes(here.family)) return { kind: 'consent' }
    return !safety.gateOpen && !overridden && STRESSING.includes(here.family) ? { kind: 'gate' } : null
  })
}
