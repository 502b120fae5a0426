import { computed } from 'vue'
import { recordKey } from '@/contract/part'
import type { Assessment, Chosen } from '@/contract/types'
import { isByHand } from '@/shared/results'
import { findingName } from '@/stores/words'
import { useCatalogue } from '@/stores/catalogue'
import { SIDES, useOpenExamination } from '@/stores/openExamination'
import { useVerdict } from '@/stores/verdict'

type Result = Assessment['results'][number]

const WAITS: Record<string, string> = { consent: 'Waiting for consent:', gate: 'Waiting for the safety gate:' }

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
    if (!found) return 'Not tested.'
    const [from, to] = found.millilitres ?? []
    const amount =
      from === undefined || from === null
        ? ''
        : to === null || to === undefined
          ? `, ${from} ml or more`
          : `, ${from} to ${to} ml`
    return `${found.positive ? 'Positive' : 'Not positive'}${amount}${found.bloodLikely ? ', blood likely' : ''}.`
  })
  /** Results that move a chance, and those that could but say nothing either way; the history stands apart. */
  const results = computed(() => {
    const of = (outcome: Result['outcome'], byHand: boolean) =>
      (verdict.assessment?.results ?? [])
        .filter((r) => r.outcome === outcome && (r.counts || outcome === 'equivocal') && isByHand(r) === byHand)
        .map((r) => nameOf(r.finding))
    return [
      { label: 'Positive', names: of('positive', true) },
      { label: 'Negative', names: of('negative', true) },
      { label: 'Equivocal, moving nothing', names: of('equivocal', true) },
      { label: 'History, positive', names: of('positive', false) },
      { label: 'History, negative', names: of('negative', false) },
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
      why: WAITS[why] ?? `By the rule of ${why.replaceAll('_', ' ')}:`,
      names,
    }))
  })
  /** What was taken though the gate held it back, and what was entered afterwards, stays marked. */
  const marked = computed(() =>
    (catalogue.catalogue?.manoeuvres ?? []).flatMap((m) => {
      const findings = opened.records(m.id)
      const reason = findings.find((finding) => typeof finding.override === 'string')?.override
      return [
        ...(reason ? [{ name: m.card.name, mark: `taken against the gate: ${String(reason)}` }] : []),
        ...(SIDES.some((side) => verdict.beforeGate.has(recordKey(m.id, side)))
          ? [{ name: m.card.name, mark: 'recorded before the gate' }]
          : []),
        ...(findings.some((finding) => finding.fromMemory === true)
          ? [{ name: m.card.name, mark: 'entered from memory' }]
          : []),
      ]
    }),
  )

  function nameOf(finding: string): string {
    return findingName(finding, catalogue.catalogue)
  }

  return { judgedBy, fluid, results, held, marked, nameOf }
}
