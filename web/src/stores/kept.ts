import { recordKey } from '@/contract/part'
import type { Assessment, Examination, Payload } from '@/contract/types'
import { type StoredPart, examinationName, shelved } from '@/sync'
import type { ExaminationHead } from './openExamination'

/** An examination as this device keeps it, to go on with while the server is away. */
export interface KeptExamination {
  head: ExaminationHead
  parts: Record<string, StoredPart>
  assessment: Assessment
  beforeGate: string[]
  /** By part of the assessment: what the server need not tell again. */
  marks: Record<string, string>
}

/** What the server told, by parts: sections by their name, records as manoeuvre and side. */
export function keptFrom({ sections, records, assessment, ...head }: Examination): KeptExamination {
  const parts: Record<string, StoredPart> = {}
  const beforeGate: string[] = []
  for (const { name, payload, version } of sections) parts[name] = { payload: payload as Payload, version }
  for (const { manoeuvre, side, payload, version, beforeGate: early } of records) {
    const part = recordKey(manoeuvre, side)
    parts[part] = { payload: payload as Payload | null, version }
    if (early) beforeGate.push(part)
  }
  return { head, parts, assessment, beforeGate, marks: {} }
}

/** Whose knee it is, where this device had it open; null where it had not. */
export async function keptAthlete(examination: string): Promise<string | null> {
  return (await shelved<KeptExamination>(examinationName(examination)))?.value.head.athlete.name ?? null
}
