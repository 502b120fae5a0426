/** A test as typed in, figures in per cent. */
export interface TypedTest {
  id: number
  name: string
  sensitivity: number
  specificity: number
  /** 95 %, where counts told it. */
  intervals?: { sensitivity: [number, number]; specificity: [number, number] }
  outcome: 'positive' | 'negative'
}
