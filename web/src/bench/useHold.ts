import { type Ref, computed } from 'vue'
import type { Assessment, Manoeuvre } from '@/contract/types'
import { useExamination } from '@/stores/examination'

/** Why hands stay off a manoeuvre for now. */
export type Hold = { kind: 'consent' } | { kind: 'gate' } | { kind: 'blocked'; line: Assessment['safety']['lines'][number] | undefined }

const WITHOUT_CONSENT = ['look', 'neurovascular']
/** After an injury these wait until the gate is answered. */
const STRESSING = ['stress', 'drawer', 'pivot']

/** This rule comes out of results: it blocks what would follow, never the correction of what it came from. */
const FROM_RESULTS = 'multi_ligament'

/** A rule of the gate, then consent, then the gate not yet answered; a reason given opens all but consent. */
export function useHold(manoeuvre: Ref<Manoeuvre | null>) {
  const examination = useExamination()

  return computed<Hold | null>(() => {
    const here = manoeuvre.value
    const safety = examination.assessment?.safety
    if (!here || !safety) return null
    const rule = safety.blockedBy[here.id]
    const mayGoOn = examination.overrideOf(here.id) !== undefined || (rule === FROM_RESULTS && examination.isRecorded(here.id))
    if (rule !== undefined && !mayGoOn) return { kind: 'blocked', line: safety.lines.find((line) => line.rule === rule) }
    if (examination.section('opening').consentGiven !== true && !WITHOUT_CONSENT.includes(here.family)) return { kind: 'consent' }
    return !safety.gateOpen && !mayGoOn && STRESSING.includes(here.family) ? { kind: 'gate' } : null
  })
}
