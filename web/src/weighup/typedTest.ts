/** A test as typed in, figures in per cent. */
export interface TypedTest {
  id: number
  name: string
  sensitivity: number
  specificity: number
  outcome: 'positive' | 'negative'
}
