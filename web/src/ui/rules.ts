/** The rule of a field that must be filled, and what is said where it is not; blanks alone do not fill it. */
export function required(message: string) {
  return [{ required: true, whitespace: true, message, trigger: 'submit' }]
}
