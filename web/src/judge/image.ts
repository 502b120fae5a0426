/** Memory is kept by blocks of this size: most of it was never written (bytes). */
const BLOCK = 4096
const WORDS = BLOCK / 4
const PAGE = 65536
/** Before the blocks: how many pages the memory has, how many blocks follow, and where each belongs. */
const HEAD_WORDS = 2

/** How many pages a memory must have at the start for an image of it (64 kB each). */
export function pagesOf(image: ArrayBuffer): number {
  return new Uint32Array(image, 0, HEAD_WORDS)[0] ?? 0
}

/** What stands in a memory, without the blocks that hold nothing. */
export function imageOf(memory: WebAssembly.Memory): ArrayBuffer {
  const words = new Uint32Array(memory.buffer)
  const blocks: number[] = []
  for (let block = 0; block * WORDS < words.length; block++) if (isWritten(words, block)) blocks.push(block)
  const begin = beginOf(blocks.length)
  const image = new ArrayBuffer(begin + blocks.length * BLOCK)
  new Uint32Array(image).set([memory.buffer.byteLength / PAGE, blocks.length, ...blocks])
  const bytes = new Uint8Array(image)
  const from = new Uint8Array(memory.buffer)
  blocks.forEach((block, at) => bytes.set(from.subarray(block * BLOCK, (block + 1) * BLOCK), begin + at * BLOCK))
  return image
}

/** Puts a memory back as it was; it must have as many pages as the image. */
export function restore(memory: WebAssembly.Memory, image: ArrayBuffer): void {
  const count = new Uint32Array(image, 0, HEAD_WORDS)[1] ?? 0
  const blocks = new Uint32Array(image, HEAD_WORDS * 4, count)
  const begin = beginOf(count)
  const words = new Uint32Array(memory.buffer)
  const bytes = new Uint8Array(memory.buffer)
  const kept = new Set(blocks)
  // Only what was written is written over: a block that is merely read takes no room.
  for (let block = 0; block * WORDS < words.length; block++)
    if (!kept.has(block) && isWritten(words, block)) bytes.fill(0, block * BLOCK, (block + 1) * BLOCK)
  blocks.forEach((block, at) => bytes.set(new Uint8Array(image, begin + at * BLOCK, BLOCK), block * BLOCK))
}

function isWritten(words: Uint32Array, block: number): boolean {
  for (let at = block * WORDS; at < (block + 1) * WORDS; at++) if (words[at] !== 0) return true
  return false
}

/** Blocks begin on a multiple of their size. */
function beginOf(count: number): number {
  return Math.ceil(((HEAD_WORDS + count) * 4) / BLOCK) * BLOCK
}
