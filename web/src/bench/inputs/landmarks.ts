/** Where the landmarks lie on the knee as drawn: a right one; its outer side is on the left of both views. */
export type View = 'front' | 'back'

export interface Landmark {
  word: string
  /** The side of the drawing on which its name stands. */
  column: 'outer' | 'inner'
  /** On the drawing, in its own units. */
  dot: { x: number; y: number }
}

export const WIDTH = 280
export const HEIGHTS: Record<View, number> = { front: 314, back: 100 }

/** In each column from above down, so that no leader crosses another. */
const OUTER: Record<View, Record<string, [number, number]>> = {
  front: {
    quadriceps_tendon: [140, 34],
    outer_band: [103, 58],
    lateral_epicondyle: [102, 104],
    outer_cord: [98, 148],
    fibular_head: [101, 184],
    upper_tibiofibular_joint: [113, 196],
  },
  back: { biceps_tendon: [104, 42] },
}
const INNER: Record<View, Record<string, [number, number]>> = {
  front: {
    kneecap_front: [140, 92],
    medial_epicondyle: [177, 104],
    lower_pole: [140, 126],
    medial_ligament_course: [182, 148],
    patellar_tendon: [140, 168],
    pes_insertion: [168, 222],
    tibial_tubercle: [140, 226],
  },
  back: { popliteal_mass: [152, 52] },
}
/** Half a name's height, kept free at both ends of a column. */
const EDGE = 23

/** Those of these words that this view shows, with a row for each name. */
export function landmarksOf(view: View, words: string[]): (Landmark & { top: number })[] {
  return [column(view, 'outer', OUTER[view], words), column(view, 'inner', INNER[view], words)].flat()
}

function column(
  view: View,
  name: Landmark['column'],
  dots: Record<string, [number, number]>,
  words: string[],
): (Landmark & { top: number })[] {
  const shown = Object.entries(dots).filter(([word]) => words.includes(word))
  const room = HEIGHTS[view] - 2 * EDGE
  return shown.map(([word, [x, y]], at) => ({
    word,
    column: name,
    dot: { x, y },
    top: shown.length === 1 ? HEIGHTS[view] / 2 : EDGE + (at * room) / (shown.length - 1),
  }))
}
