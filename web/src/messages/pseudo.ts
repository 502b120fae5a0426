/** English as the longest language writes it: what is not in the catalogue stays as it is, and what is tight breaks. */
export const PSEUDO = 'en-XA'

const LONGER = 0.4
const WORD = 'ẇẇẇẇẇẇ'

/** A text between two signs that nobody writes, 40 % longer. */
export function pseudo(text: string): string {
  const more = Math.ceil(text.length * LONGER)
  const filling = Array.from({ length: Math.ceil(more / WORD.length) }, () => WORD).join(' ')
  return `⟦${text} ${filling.slice(0, more)}⟧`
}
