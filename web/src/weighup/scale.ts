/** The log-odds scale of the rail: equal steps of evidence are equally long. */
export const LEAST = 0.002
export const MOST = 0.998

export function logOdds(chance: number): number {
  const kept = Math.min(Math.max(chance, LEAST), MOST)
  return Math.log(kept / (1 - kept))
}

/** Place on the rail, 0 at its left end and 1 at its right. */
export function place(chance: number): number {
  return (logOdds(chance) - logOdds(LEAST)) / (logOdds(MOST) - logOdds(LEAST))
}

/** An echo that takes less than this share of what a result adds is not drawn. */
export const LEAST_ECHO = 0.02

export const TICKS = [0.01, 0.05, 0.1, 0.2, 0.5, 0.8, 0.9, 0.95, 0.99]
