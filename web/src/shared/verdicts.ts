import type { Plan, SafetyLine, Verdict } from '@/contract/types'

/** Words for the codes of an assessment, the same on every screen. */
export const ZONES: Record<Verdict['zone'], string> = { ruled_out: 'ruled out', untested: 'not tested', withheld: 'no verdict yet', investigate: 'look further', act: 'act' }

export const PLAY: Record<Plan['play'], string> = { stop: 'Stop', may_continue: 'May continue', may_continue_supported: 'May continue, supported', not_asked: 'Not asked' }

const URGENCY: Record<NonNullable<SafetyLine['urgency']>, string> = { emergency: 'Emergency, now', same_day: 'Same day', days: 'Within days', week: 'Within a week', routine: 'Routine' }

/** How soon; a line without urgency sends nobody, but is heeded now. */
export function urgencyOf(line: SafetyLine): string {
  return line.urgency === null ? 'Heed' : URGENCY[line.urgency]
}

export const AVAILABILITY: Record<Plan['availability']['status'], string> = { available: 'Available', modified: 'Available with limits', out: 'Out' }

export const WITHIN: Record<Plan['sendOn'][number]['within'], string> = { now: 'Now', same_day: 'Today', days: 'Within days', week: 'Within a week', two_weeks: 'Within two weeks', routine: 'Routine visit' }

export const SUPPORT: Record<Plan['support']['type'], string> = {
  none: 'No brace',
  as_found: 'Splint as found',
  hinged_sleeve: 'Hinged sleeve',
  hinged_limited: 'Hinged brace, limited range',
  extension_splint_calf_support: 'Splint in extension, calf supported',
  immobiliser: 'Immobiliser for a few days',
  functional_hinged: 'Functional hinged brace',
}
