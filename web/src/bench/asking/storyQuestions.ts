/** The questions of the story, in the order in which one asks an athlete. */
export interface Question {
  key: string
  ask: string
}

const OPENING: Question[] = [
  { key: 'consentGiven', ask: 'Consent given for hands-on' },
  { key: 'handsClean', ask: 'Hands clean' },
  { key: 'identityConfirmed', ask: 'Name confirmed' },
  { key: 'chaperoneOffered', ask: 'Chaperone offered' },
  { key: 'guardianConsent', ask: 'Guardian agrees' },
  { key: 'coachMayKnow', ask: 'Coach may be told' },
  { key: 'footSore', ask: 'Foot sore (before sitting on it)' },
]

const GROWN_YEARS = 18

/** Whether a guardian is asked is shown here; whether hands wait for it, the server says. */
export function openingQuestions(ageYears: unknown): Question[] {
  return OPENING.filter((item) => item.key !== 'guardianConsent' || Number(ageYears ?? GROWN_YEARS) < GROWN_YEARS)
}

export const MECHANISM = ['twist_on_planted_foot', 'rotational_trauma', 'valgus_blow', 'varus_blow', 'shin_blow_bent_knee', 'hyperextension', 'buckled_inward', 'buckled_outward', 'none_recalled']

export const BLOW_SITES = ['medial_joint_line', 'lateral_joint_line', 'patella', 'shin']

export const SWELLING = ['within_2_hours', 'within_24_hours', 'none']

export const THEN: Question[] = [
  { key: 'pop', ask: 'Did you hear or feel a pop?' },
  { key: 'couldNotContinue', ask: 'Did you have to stop at once?' },
  { key: 'kneecapShifted', ask: 'Did the kneecap slip out or shift?' },
]

export const SINCE: Question[] = [
  { key: 'givingWay', ask: 'Has it given way since?' },
  { key: 'locking', ask: 'Does it get stuck, not merely catch?' },
  { key: 'catching', ask: 'Does it catch?' },
  { key: 'frontLoadPain', ask: 'Pain in front on stairs, squats or low chairs?' },
  { key: 'gradualOnset', ask: 'Did it come on bit by bit?' },
  { key: 'loadChange', ask: 'Was training changed shortly before?' },
  { key: 'warmUpEases', ask: 'Does it ease once you are warm?' },
  { key: 'numbnessOrBackPain', ask: 'Numbness, or back pain with it?' },
]

/** What the answer on going on today asks of the story. */
export const TOUCHLINE: Question[] = [...THEN, ...SINCE.filter((question) => ['givingWay', 'locking'].includes(question.key))]

/** Asked once the kneecap slipped or shifted. */
export const AFTER_SHIFT: Question[] = [
  { key: 'firstDislocation', ask: 'Was that the first time it came out?' },
  { key: 'kneecapReduced', ask: 'Was it put back, or did it go back?' },
]

export const PAIN_PLACES = ['front', 'below_kneecap', 'inner', 'outer', 'back', 'inner_shin']

export const FLUID_DRAWN = ['none', 'clear', 'blood', 'blood_and_fat', 'cloudy']

export const EPISODE_TEXTS: Question[] = [
  { key: 'whatHappened', ask: 'What happened' },
  { key: 'sport', ask: 'Sport and position' },
  { key: 'level', ask: 'Level' },
  { key: 'earlierInjury', ask: 'Earlier injuries or operations of either knee' },
  { key: 'goals', ask: 'What they want to get back to, and when' },
  { key: 'medication', ask: 'Medication' },
]
