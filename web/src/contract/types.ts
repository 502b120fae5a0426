import type { components } from './api'

type Schemas = components['schemas']

export type AthleteSummary = Schemas['AthleteSummary']
export type Today = Schemas['Today']
export type AthleteWithExaminations = Schemas['AthleteWithExaminations']
export type ExaminationSummary = Schemas['ExaminationSummary']
export type Examination = Schemas['Examination']
export type Assessment = Schemas['Assessment']
export type Hold = Schemas['Hold']
export type SafetyLine = Schemas['SafetyLine']
export type Verdict = Schemas['ConditionVerdict']
export type Saved = Schemas['Saved']
export type Catalogue = Schemas['Catalogue']
export type Manoeuvre = Schemas['Manoeuvre']
export type Field = Schemas['Field']
export type Question = Schemas['Question']
export type Session = Schemas['Session']
export type Plan = Schemas['Plan']
export type Itinerary = Schemas['Itinerary']
export type Problem = Schemas['Problem']
export type WeighUp = Schemas['WeighUp']
export type RailStep = Schemas['RailStep']
export type WeighedChance = Schemas['WeighedChance']
export type Payload = Record<string, unknown>
export type Side = 'left' | 'right'
export type SectionName = Schemas['StoredSection']['name']
export type ConditionId = Verdict['id']
