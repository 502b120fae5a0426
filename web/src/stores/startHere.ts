import type { AthleteFacts, AthleteSummary, Start } from '@/contract/types'
import { type Begins, beginsWith, judge } from '@/judge'
import { emptyDesk, examinationName, keep, shelve, thisTab } from '@/sync'
import { useCatalogue } from './catalogue'
import { documentOf } from './document'
import type { KeptExamination } from './kept'
import type { ExaminationHead } from './openExamination'
import { useSession } from './session'

export interface StartHere {
  athlete: AthleteSummary
  /** Of an athlete who was added on this device; null: the server knows them. */
  added: AthleteFacts | null
  /** With its id and its moment. */
  start: Start & { id: string; at: string }
}

/**
 * Begins an examination on this device, for the server to have once it answers.
 *
 * @returns false where the rules are not on this device
 * @throws where this device keeps nothing
 */
export async function startHere({ athlete, added, start }: StartHere): Promise<boolean> {
  const { begins: ofTeam, name: examiner = '' } = useSession().user ?? {}
  const { route, hurtSide, daysSinceInjury } = start
  const begins = await beginsWith({
    route,
    daysSinceInjury,
    ageYears: athlete.age,
    ofTeam: ofTeam?.setting ?? null,
  })
  if (begins === null) return false
  const schools = ofTeam?.schools ?? {}
  const frame = {
    setting: begins.setting,
    route,
    hurtSide,
    daysSinceInjury,
    ageYears: athlete.age,
    ...(Object.keys(schools).length === 0 ? {} : { schools }),
  }
  const head = headOf(athlete, start, examiner, begins)
  const document = documentOf({ head, parts: [['frame', frame]], beforeGate: new Set() })
  const assessment = document === null ? null : await judge(document, null)
  if (assessment === null) return false
  await shelve(examinationName(start.id), {
    head,
    // The server begins with a frame of its own, made from the same facts: it is the first version there too.
    parts: { frame: { payload: frame, version: 1 } },
    assessment,
    beforeGate: [],
    marks: {},
  } satisfies KeptExamination)
  await keep(start.id, await thisTab(), { ...emptyDesk(), begun: { athlete: athlete.id, added, start, refused: null } })
  return true
}

function headOf(
  athlete: AthleteSummary,
  { id, at, route }: StartHere['start'],
  examiner: string,
  { format, version }: Begins,
): ExaminationHead {
  const isBaseline = useCatalogue().catalogue?.routes.find((one) => one.id === route)?.isBaseline === true
  const { id: own, name, number, squad, age } = athlete
  return {
    id,
    status: 'draft',
    examinedAt: at,
    signedAt: null,
    signedBy: null,
    signedUngated: null,
    revision: 0,
    examiner,
    athlete: { id: own, name, number, squad, age },
    athleteReads: 'en',
    askedAt: null,
    addenda: [],
    lastTime: null,
    twin: null,
    episode: '',
    isBaseline,
    baseline: null,
    supersedes: null,
    supersededBy: null,
    basis: { format, version, baseline: null, earlier: [], known: [], before: null },
  }
}
