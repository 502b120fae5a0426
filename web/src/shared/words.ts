/** Words for codes and field names; anything not listed is split at its capitals. */
const WORDS: Record<string, string> = {
  footStayedDown: 'Foot stayed down',
  thighStable: 'Femur held still',
  hamstringsRelaxed: 'Hamstrings relaxed',
  quadricepsRelaxed: 'Quadriceps relaxed',
  slackTaken: 'Slack taken up first',
  startedFromNeutral: 'Started from neutral',
  fullBendReached: 'Full bend reached',
  fullExtensionReached: 'Full extension reached',
  translationMm: 'Translation',
  openingMm: 'Opening',
  stepOffMm: 'Step-off of the plateau',
  painAt30: 'Pain at 30°',
  forceN: 'Force',
  sagSeen: 'Sag seen',
  differenceBand: 'Compared with the other knee',
  endFeel: 'End feel',
  cells: 'Turned and stressed',
  endFeelFast: 'End feel, brisk',
  painSite: 'Where it hurts',
  angleDeg: 'Angle',
  inwardMm: 'Foot turned inward',
  outwardMm: 'Foot turned outward',
  feet_down: 'feet down',
  heels_held: 'heels held up',
  thigh_under: 'own thigh under',
  cannot_empty: 'cannot be emptied',
  moves_only: 'moves only',
  pain_only: 'pain only',
  not_safe: 'not safe',
  within_2_hours: 'within 2 hours',
  within_24_hours: 'within 24 hours',
  none_recalled: 'none recalled',
  patella: 'kneecap',
}

/** Why a manoeuvre was left out; the ids of the open file format. */
export const NOT_DONE = ['pain', 'time', 'declined', 'position', 'not_safe'] as const

export function inWords(code: string): string {
  const known = WORDS[code]
  if (known) return known
  return code
    .replace(/(Mm|Deg|Cm)$/, '')
    .replaceAll('_', ' ')
    .replace(/([a-z])([A-Z])/g, (_, a: string, b: string) => `${a} ${b.toLowerCase()}`)
}

export function asHeading(code: string): string {
  return capital(inWords(code))
}

export function capital(text: string): string {
  return text.charAt(0).toUpperCase() + text.slice(1)
}

/** A chance in (0, 1) as whole knees in a hundred; never 0 or 100, since neither is known. */
export function inHundred(chance: number): string {
  if (chance < 0.005) return '<1'
  if (chance > 0.995) return '>99'
  return String(Math.round(chance * 100))
}

export function signed(value: number): string {
  const rounded = Math.round(value * 10) / 10
  return rounded > 0 ? `+${rounded}` : String(rounded).replace('-', '−')
}

/** A likelihood ratio with as many digits as it deserves. */
export function ratio(value: number): string {
  return value >= 10 ? value.toFixed(0) : value >= 1 ? value.toFixed(1) : value.toFixed(2)
}
