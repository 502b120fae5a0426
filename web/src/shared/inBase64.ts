/** The bytes of a file in base 64, as the server takes them in JSON. */
export async function inBase64(file: File): Promise<string> {
  const bytes = new Uint8Array(await file.arrayBuffer())
  const pieces: string[] = []
  for (let from = 0; from < bytes.length; from += PIECE) {
    pieces.push(String.fromCharCode(...bytes.subarray(from, from + PIECE)))
  }
  return btoa(pieces.join(''))
}

/** Bytes that become one call's arguments. */
const PIECE = 8_192
