import type { components } from './api'

type Schemas = components['schemas']

export type AthleteSummary = Schemas['AthleteSummary']
export type Today = Schemas['Today']
export type AthleteWithExaminations = Schemas['AthleteWithExaminations']
export type ExaminationSummary = Schemas['ExaminationSummary']
export type Examination = Schemas['Examination']
export type Assessment = Schemas['Assessment']
export type AuditLog = Schemas['AuditLog']
export type Hold = Schemas['Hold']
export type SafetyLine = Schemas['SafetyLine']
export type Verdict = Schemas['ConditionVerdict']
export type Saved = Schemas['Saved']
export type Catalogue = Schemas['Catalogue']
export type Manoeuvre = Schemas['Manoeuvre']
export type Field = Schemas['Field']
export type Question = Schemas['Question']
export type Session = Schemas['Session']
export type Availability = Schemas['Availability']
export type Task = Schemas['Task']
export type Proposal = Schemas['Proposal']
export type Proposed = Schemas['Proposed']
export type Episode = Schemas['Episode']
export type Doctor = Schemas['Doctor']
export type Letter = Schemas['Letter']
export type LetterLine = Schemas['LetterLine']
export type AthleteText = Schemas['AthleteText']
export type Settings = Schemas['TeamSettings']
export type ToErase = Schemas['ToErase']
export type OwnCalendar = Schemas['OwnCalendar']
export type ReturnedCalendar = Schemas['ReturnedCalendar']
export type Course = Schemas['Course']
export type Comparison = Schemas['Comparison']
export type ImportPreview = Schemas['ImportPreview']
export type ImportList = Schemas['ImportList']
export type Import = Schemas['Import']
export type ReferenceResult = Schemas['ReferenceResult']
export type NewReferenceResult = Schemas['NewReferenceResult']
export type AthleteFacts = Schemas['AthleteFacts']
export type AthleteProfile = Schemas['AthleteProfile']
export type AthletePast = Schemas['AthletePast']
export type ListedAthlete = Schemas['ListedAthlete']
export type Similar = Schemas['Similar']['similar']
export type Credentials = Schemas['Credentials']
export type OpenSession = Schemas['OpenSession']
export type FactorSecret = Schemas['FactorSecret']
export type Invited = Schemas['Invited']
export type Members = Schemas['Members']
export type SentMail = Schemas['SentMail']
export type RoleId = Schemas['Role']
export type Plan = Schemas['Plan']
export type Itinerary = Schemas['Itinerary']
export type Problem = Schemas['Problem']
export type Start = Schemas['Start']
export type WeighUp = Schemas['WeighUp']
export type EnteredRates = Schemas['EnteredRates']
export type TestRates = Schemas['TestRates']
export type RailStep = Schemas['RailStep']
export type WeighedChance = Schemas['WeighedChance']
export type Side = 'left' | 'right'
export type SectionName = Schemas['StoredSection']['name']
export type ConditionId = Verdict['id']

/** Codes come and go with the catalogue, so here they are words; which ones may stand, the server says. */
type Coded<T> = T extends string
  ? string
  : T extends (infer One)[]
    ? Coded<One>[]
    : T extends object
      ? { [K in keyof T]: Coded<T[K]> }
      : T

/** Definitions within a schema come along as if they were keys. */
type Document = Omit<Schemas['examination.schema'], '$defs'>
type Filled<K extends keyof Document> = NonNullable<Coded<Document[K]>>
type Frame = Exclude<
  keyof Document,
  | 'format'
  | 'version'
  | 'findings'
  | 'opening'
  | 'episode'
  | 'history'
  | 'safety'
  | 'earlierFinding'
  | 'pulseChecks'
  | 'baseline'
  | 'earlier'
  | 'known'
>

/** What each section of an examination may hold; nothing is there until someone answers. */
export type SectionPayloads = {
  frame: Partial<Coded<Pick<Document, Frame>>>
  opening: Filled<'opening'>
  episode: Filled<'episode'>
  history: Filled<'history'>
  safety: Filled<'safety'>
  earlierFinding: { entries?: Filled<'earlierFinding'> }
  pulseChecks: { entries?: Filled<'pulseChecks'> }
}

type ByManoeuvre = Required<Omit<Schemas['RecordPayloads'], '$defs'>>
type OneRecord = ByManoeuvre[keyof ByManoeuvre]
type KeyIn<T> = T extends T ? keyof T : never
type ValueIn<T, K extends PropertyKey> = T extends { [P in K]?: infer V } ? V : never

export type Checks = Record<string, boolean>
/** One hold of the board of rotated bends. */
export type Cell = { [K in keyof CellFields]: Coded<CellFields[K]> }
type CellFields = NonNullable<ByManoeuvre['mcmurray']['cells']>[number]

/** What may be recorded of a manoeuvre, over all of them; which fields are its own, the catalogue says. */
export type RecordPayload = { [K in Exclude<KeyIn<OneRecord>, 'checks'>]?: Coded<ValueIn<OneRecord, K>> } & {
  checks?: Checks
}

/** Which instruments took the figures of a record, by field. */
export type FigureSources = NonNullable<RecordPayload['by']>
export type FigureSource = FigureSources[string]

/** Which school was chosen, by matter. */
export type Chosen = { [matter: string]: string | null | undefined }

/** All that an answer or a field can hold. */
export type Value =
  | boolean
  | number
  | string
  | string[]
  | Cell[]
  | Checks
  | FigureSources
  | SectionPayloads['frame']['schools']
  | SectionPayloads['episode']['operated']
  | SectionPayloads['episode']['surgeonSaid']
  | SectionPayloads['earlierFinding']['entries']
  | SectionPayloads['pulseChecks']['entries']
  | null
  | undefined

/** A part as it is kept and sent: a section or a finding. */
export type Payload = { [field: string]: Value }
export type Tokens = Schemas['Tokens']
export type TokenAbility = Schemas['TokenAbility']
export type TableExport = Schemas['TableExport']
export type SentReferrals = Schemas['SentReferrals']
export type SentReferral = Schemas['SentReferral']
export type Webhooks = Schemas['Webhooks']
export type NewWebhook = Schemas['NewWebhook']
export type WebhookDelivery = Schemas['WebhookDelivery']
export type RecordFile = Schemas['RecordFile']
export type RecordPreview = Schemas['RecordPreview']
export type RecordImport = Schemas['RecordImport']
