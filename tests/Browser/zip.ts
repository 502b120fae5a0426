import { inflateRawSync } from 'node:zlib'

const CENTRAL = 0x02014b50
const STORED = 0

/** What stands in each file of a zip, by name. */
export function unzipped(bytes: Buffer): Map<string, Buffer> {
  const files = new Map<string, Buffer>()
  let at = bytes.readUInt32LE(bytes.length - 6)
  while (at < bytes.length - 22 && bytes.readUInt32LE(at) === CENTRAL) {
    const [name, more, comment] = [28, 30, 32].map((place) => bytes.readUInt16LE(at + place)) as [
      number,
      number,
      number,
    ]
    const start = bytes.readUInt32LE(at + 42)
    const body = start + 30 + bytes.readUInt16LE(start + 26) + bytes.readUInt16LE(start + 28)
    const packed = bytes.subarray(body, body + bytes.readUInt32LE(at + 20))
    files.set(
      bytes.toString('utf8', at + 46, at + 46 + name),
      bytes.readUInt16LE(at + 10) === STORED ? packed : inflateRawSync(packed),
    )
    at += 46 + name + more + comment
  }
  return files
}
