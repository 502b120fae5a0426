/** What an instrument does on a good day, and on bad ones: what is sent instead of its messages. */
export const DAYS = ['well', 'silent', 'stuttering', 'units', 'nan', 'twice', 'nonsense', 'off']

const PROTOCOL = 1
/** In a stuttering line, so many samples in a row are lost. */
const LOST = 40
const EVERY = 80
const MM_PER_INCH = 25.4
const NAN_EVERY = 25

/**
 * @param {'arthrometer' | 'dynamometer'} kind
 * @param {string} day one of DAYS
 */
export function hellos(kind, day) {
  const units =
    kind === 'arthrometer'
      ? { force: 'N', displacement: day === 'units' ? 'in' : 'mm' }
      : { force: day === 'units' ? 'lbf' : 'N' }
  const name = kind === 'arthrometer' ? 'Fenmoor pull meter' : 'Fenmoor force meter'
  const one = { type: 'hello', protocol: PROTOCOL, kind, name, serial: 'SIM-1', units }
  return day === 'twice' ? [one, { ...one, serial: 'SIM-2' }] : [one]
}

/**
 * What becomes of a sample on its way.
 *
 * @returns {string | null} as it is sent; null: it is lost
 */
export function sent(sample, index, day) {
  if (day === 'silent') return null
  if (day === 'stuttering' && index % EVERY < LOST) return null
  if (day === 'nonsense') return index % 2 === 0 ? '<html>' : JSON.stringify({ type: 'sample', t: 'soon' })
  const body = { type: 'sample', ...sample }
  if (day === 'units' && body.displacement !== undefined) body.displacement /= MM_PER_INCH
  // JSON has no NaN; a careless program writes it all the same.
  if (day === 'nan' && index % NAN_EVERY === 0) return JSON.stringify(body).replace(/"force":[^,}]*/, '"force":NaN')
  return JSON.stringify(body)
}
