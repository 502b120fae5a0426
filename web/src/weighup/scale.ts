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

/** Odds times a ratio, back as a chance: only to draw where a ghost stands. */
export function after(chance: number, ratio: number): number {
  const odds = (chance / (1 - chance)) * ratio
  return odds / (1 + odds)
}

export const TICKS = [0.01, 0.05, 0.1, 0.2, 0.5, 0.8, 0.9, 0.95, 0.99]

export function ratio(value: number): string {
  return value >= 10 ? value.toFixed(0) : value >= 1 ? value.toFixed(1) : value.toFixed(2)
}
