/**
 * The rule of a field that must be filled, and what is said where it is not.
 *
 * @param whitespace blanks alone do not fill it; of a password they are a part
 */
export function required(message: string, { whitespace = true } = {}) {
  return [{ required: true, whitespace, message, trigger: 'submit' }]
}
