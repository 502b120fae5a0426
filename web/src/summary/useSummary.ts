import { computed } from 'vue'
import { recordKey } from '@/contract/part'
import type { Assessment, Chosen, RecordPayload } from '@/contract/types'
import { isByHand } from '@/shared/results'
import { findingName, inWords, resultName } from '@/stores/words'
import { useCatalogue } from '@/stores/catalogue'
import { SIDES, useOpenExamination } from '@/stores/openExamination'
import { useVerdict } from '@/stores/verdict'
import { t } from '@/messages/summary'

type Result = Assessment['results'][number]

const WAITS: Record<string, string> = {
  consent: t('useSummary.waitingForConsent'),
  gate: t('useSummary.waitingForTheSafetyCheck'),
}

/** What took figures of these records, each named once. */
function instrumentsOf(findings: readonly RecordPayload[]): string[] {
  const sources = findings.flatMap(({ by }) => Object.values(by ?? {}))
  return [
    ...new Set(
      sources.map(({ kind, device, serial }) =>
        [inWords(kind), device, serial].filter((part) => typeof part === 'string').join(', '),
      ),
    ),
  ]
}

/** What the summary says of the open examination in words: nothing here is judged, all of it is put side by side. */
export function useSummary() {
  const catalogue = useCatalogue()
  const opened = useOpenExamination()
  const verdict = useVerdict()

  const judgedBy = computed(() => {
    const chosen: Chosen = opened.section('frame').schools ?? {}
    return (catalogue.catalogue?.schools ?? [])
      .map(
        (school) =>
          `${school.label} ${school.options.find((option) => option.id === (chosen[school.id] ?? school.preset))?.label ?? ''}`,
      )
      .join('; ')
  })

  const fluid = computed(() => {
    const found = verdict.assessment?.effusion
    if (!found) return t('useSummary.notTested')
    const [from, to] = found.millilitres ?? []
    const amount =
      from === undefined || from === null
        ? ''
        : to === null || to === undefined
          ? t('useSummary.mlOrMore', { from })
          : t('useSummary.toMl', { from, to })
    return `${found.positive ? t('useSummary.positive') : t('useSummary.notPositive')}${amount}${found.bloodLikely ? t('useSummary.bloodLikely') : ''}.`
  })
  /** Results that move a chance, and those that could but say nothing either way; the history stands apart. */
  const results = computed(() => {
    const of = (outcome: Result['outcome'], byHand: boolean) =>
      (verdict.assessment?.results ?? [])
        .filter((r) => r.outcome === outcome && (r.counts || outcome === 'equivocal') && isByHand(r) === byHand)
        .map((r) => resultName(r, catalogue.catalogue))
    return [
      { label: t('useSummary.positive'), names: of('positive', true) },
      { label: t('useSummary.negative'), names: of('negative', true) },
      { label: t('useSummary.equivocalNoChange'), names: of('equivocal', true) },
      { label: t('useSummary.historyPositive'), names: of('positive', false) },
      { label: t('useSummary.historyNegative'), names: of('negative', false) },
    ].filter(({ names }) => names.length > 0)
  })
  /** What may not be done now, by what stands against it. */
  const held = computed(() => {
    const groups = new Map<string, string[]>()
    for (const [id, hold] of Object.entries(verdict.assessment?.safety.holds ?? {})) {
      const why = hold.rule ?? hold.kind
      groups.set(why, [...(groups.get(why) ?? []), catalogue.nameOf(id)])
    }
    return [...groups].map(([why, names]) => ({
      why: WAITS[why] ?? t('useSummary.byTheRuleOf', { replaceAll: why.replaceAll('_', ' ') }),
      names,
    }))
  })
  /** What was taken though the gate held it back, and what was entered afterwards, stays marked. */
  const marked = computed(() =>
    (catalogue.catalogue?.manoeuvres ?? []).flatMap((m) => {
      const findings = opened.records(m.id)
      const reason = findings.find((finding) => typeof finding.override === 'string')?.override
      return [
        ...(reason
          ? [{ name: m.card.name, mark: t('useSummary.doneDespiteTheSafetyCheck', { reason: String(reason) }) }]
          : []),
        ...(SIDES.some((side) => verdict.beforeGate.has(recordKey(m.id, side)))
          ? [{ name: m.card.name, mark: t('useSummary.recordedBeforeTheSafetyCheck') }]
          : []),
        ...(findings.some((finding) => finding.fromMemory === true)
          ? [{ name: m.card.name, mark: t('useSummary.enteredFromMemory') }]
          : []),
        ...instrumentsOf(findings).map((instrument) => ({
          name: m.card.name,
          mark: t('useSummary.measuredWith', { instrument }),
        })),
      ]
    }),
  )

  function nameOf(finding: string): string {
    return findingName(finding, catalogue.catalogue)
  }

  return { judgedBy, fluid, results, held, marked, nameOf }
}
