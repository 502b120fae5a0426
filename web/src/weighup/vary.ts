import type { Problem } from '@/contract/types'

/** What if: results flipped or dropped, another echo, another chance before. Nothing here touches a record. */
export interface Variation {
  outcomes: Record<string, 'positive' | 'negative' | 'dropped'>
  echoes: Record<string, number>
  pretest: number | null
}

export const NO_VARIATION: Variation = { outcomes: {}, echoes: {}, pretest: null }

export function isVaried(variation: Variation): boolean {
  return (
    variation.pretest !== null || Object.keys(variation.outcomes).length > 0 || Object.keys(variation.echoes).length > 0
  )
}

/**
 * A result that is flipped is weighed by the figures that its other outcome would have had.
 * A candidate must share its group's echo, and what was dropped is no candidate, so candidates are left out.
 */
export function vary(problem: Problem, condition: string, variation: Variation): Problem {
  return {
    ...problem,
    candidates: [],
    conditions: problem.conditions.map((c) =>
      c.id === condition && variation.pretest !== null ? { ...c, pretest: variation.pretest } : c,
    ),
    groups: (problem.groups ?? []).map((group) => ({
      ...group,
      echo: variation.echoes[group.id] ?? group.echo,
      results: group.results
        .filter((result) => variation.outcomes[result.finding] !== 'dropped')
        .map((result) => {
          const outcome = variation.outcomes[result.finding]
          if (!outcome || outcome === 'dropped') return result
          const { otherwise, ...flipped } = result
          return { ...flipped, outcome, targets: otherwise ?? result.targets }
        }),
    })),
  }
}
