import type { Question } from './storyQuestions'

/** Everything that the gate asks; the server says which of it opens the gate of this knee. */
const ASKED: Question[] = [
  { key: 'pulseOrSensationLost', ask: 'Pulse or feeling in the foot lost' },
  { key: 'dislocationSuspected', ask: 'Knee may have been out of joint' },
  { key: 'deformity', ask: 'Deformed' },
  { key: 'cannotTakeFourSteps', ask: 'Cannot take four steps' },
  { key: 'cannotFlexTo90', ask: 'Cannot bend to 90°' },
  { key: 'tenderPatellaAlone', ask: 'Kneecap bone tender, nothing else' },
  { key: 'tenderFibularHead', ask: 'Head of the fibula tender' },
  { key: 'feverOrHotRedKnee', ask: 'Fever, or a hot red knee' },
  { key: 'reducedOnItsOwn', ask: 'Was out and went back by itself' },
  { key: 'boneCrepitus', ask: 'Bone grates' },
  { key: 'calfTense', ask: 'Calf tense and hard' },
  { key: 'footDropped', ask: 'Foot does not lift' },
  { key: 'openWound', ask: 'Open wound' },
  { key: 'kneecapOutNow', ask: 'Kneecap out now' },
  { key: 'cannotStraightLegRaise', ask: 'Cannot raise the straight leg' },
  { key: 'lockedShort', ask: 'Locked short of straight' },
  { key: 'calfSwollenTender', ask: 'Calf swollen and tender' },
  { key: 'breathlessOrChestPain', ask: 'Breathless, or chest pain' },
  { key: 'pittingOneSide', ask: 'Dent stays, one leg' },
  { key: 'pittingBoth', ask: 'Dent stays, both legs' },
  { key: 'painAtRest7', ask: 'Pain of 7 or more at rest' },
  { key: 'nightOrRestPain', ask: 'Pain at night or at rest' },
  { key: 'shinPainGrows', ask: 'Shin pain grows with running' },
  { key: 'recentSurgery', ask: 'Operated within 12 weeks' },
  { key: 'limpHipLimited', ask: 'Limp with a stiff hip' },
  { key: 'xrayClear', ask: 'X-ray already clear' },
]

/** A clear X-ray is good news: it is never part of “none of these”. */
const GOOD_NEWS = 'xrayClear'

export interface GateQuestions {
  /** In the order asked; all of them answered open the gate. */
  opening: Question[]
  also: Question[]
  noneAlso: Question[]
}

export function gateQuestions(keys: string[]): GateQuestions {
  const also = ASKED.filter((question) => !keys.includes(question.key))
  return {
    opening: ASKED.filter((question) => keys.includes(question.key)),
    also,
    noneAlso: also.filter((question) => question.key !== GOOD_NEWS),
  }
}
