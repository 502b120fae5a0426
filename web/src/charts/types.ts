/** One visit on a curve. */
export interface Point {
  /** Of the examination. */
  id: string
  /** ISO 8601. */
  at: string
  value: number
  /** Ends of the interval, where there is one. */
  low?: number
  high?: number
  /** Whatever else is said of it, such as a grade. */
  note?: string
}

/** What a scan or an operation showed, on its day. */
export interface Mark {
  /** Day as ISO 8601. */
  at: string
  label: string
}

/** A measure over the visits. */
export interface Series {
  id: string
  label: string
  unit: string
  points: Point[]
  /** What one hand may miss, in the unit. */
  error?: number
  /** Chances stand between 0 and 100, and are told as everywhere. */
  isChance?: boolean
  /** A difference, which can be less than nothing. */
  isSigned?: boolean
  marks?: Mark[]
  /** Days between which all curves of a knee are drawn. */
  span: [string, string]
}
