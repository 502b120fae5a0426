import type { Assessment, Plan, Verdict } from '@/contract/types'

/** Words for the codes of an assessment, the same on every screen. */
export const ZONES: Record<Verdict['zone'], string> = { ruled_out: 'ruled out', untested: 'not tested', investigate: 'look further', act: 'act' }

export const PLAY: Record<Plan['play'], string> = { stop: 'Stop', may_continue: 'May continue', may_continue_supported: 'May continue, supported' }

export const URGENCY: Record<Assessment['safety']['lines'][number]['urgency'], string> = { emergency: 'Emergency, now', same_day: 'Same day', days: 'Within days', routine: 'Routine' }

export const WITHIN: Record<Plan['sendOn'][number]['within'], string> = { now: 'Now', same_day: 'Today', days: 'Within days', week: 'Within a week', two_weeks: 'Within two weeks', routine: 'Routine visit' }

export const SUPPORT: Record<Plan['support']['type'], string> = {
  none: 'None',
  hinged_sleeve: 'Hinged sleeve',
  hinged_limited: 'Hinged brace, limited range',
  extension_splint_calf_support: 'Splint in extension, calf supported',
  immobiliser: 'Immobiliser for a few days',
  functional_hinged: 'Functional hinged brace',
}

/** “14 days”, or “3 to 7 days” */
export function inDays({ from, to }: { from: number; to: number }): string {
  return from === to ? `${from} days` : `${from} to ${to} days`
}
