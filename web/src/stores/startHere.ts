import type { AthleteFacts, AthleteSummary, Payload, Start } from '@/contract/types'
import { type Begins, beginsWith, judge } from '@/judge'
import { type StoredPart, emptyDesk, examinationName, keep, shelve, thisTab } from '@/sync'
import { useCatalogue } from './catalogue'
import { documentOf } from './document'
import type { KeptExamination } from './kept'
import type { ExaminationHead } from './openExamination'
import { pastHere, pastOf } from './past'
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
  const isBaseline = useCatalogue().catalogue?.routes.find((one) => one.id === route)?.isBaseline === true
  const kept = await pastHere(athlete.id)
  const past = kept === null ? null : pastOf(kept.value, start, isBaseline)
  const head = headOf({ athlete, start, examiner, begins, isBaseline, basis: past?.basis })
  // The server begins with these too, made from the same facts: they are the first version there.
  const parts: Record<string, StoredPart> = { frame: { payload: frame, version: 1 } }
  for (const [name, payload] of Object.entries(past?.sections ?? {}))
    parts[name] = { payload: payload as Payload, version: 1 }
  const document = documentOf({
    head,
    parts: Object.entries(parts).map(([name, { payload }]) => [name, payload]),
    beforeGate: new Set(),
  })
  const assessment = document === null ? null : await judge(document, null)
  if (assessment === null) return false
  await shelve(examinationName(start.id), {
    head,
    parts,
    assessment,
    beforeGate: [],
    marks: {},
  } satisfies KeptExamination)
  const begun = { athlete: athlete.id, added, start, pastAt: kept?.at ?? null, refused: null }
  await keep(start.id, await thisTab(), { ...emptyDesk(), begun })
  return true
}

interface HeadFacts {
  athlete: AthleteSummary
  start: StartHere['start']
  examiner: string
  begins: Begins
  isBaseline: boolean
  /** What this device keeps of the past of the knee. */
  basis: ExaminationHead['basis'] | undefined
}

function headOf({ athlete, start: { id, at }, examiner, begins, isBaseline, basis }: HeadFacts): ExaminationHead {
  const { id: own, name, number, squad, age } = athlete
  const { format, version } = begins
  return {
    id,
    status: 'draft',
    examinedAt: at,
    signedAt: null,
    signedBy: null,
    origin: null,
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
    basis: { ...(basis ?? { baseline: null, earlier: [], known: [], before: null }), format, version },
  }
}
