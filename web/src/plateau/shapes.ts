import type { ConditionId } from '@/contract/types'

/** The left knee's plateau seen from above, front at the top; a right knee is its mirror image. */
export const WIDTH = 460
export const HEIGHT = 400

export interface Shape {
  id: ConditionId
  short: string
  path: string
  /** Where the figure stands, and where a leader line starts when it stands outside. */
  label: { x: number; y: number }
  leader?: { x: number; y: number }
}

export const TIBIA =
  'M230 120C196 104 132 102 104 144C78 184 84 264 122 306C154 336 204 324 230 314C256 324 306 336 338 306C376 264 382 184 356 144C328 102 264 104 230 120Z'

function ellipse(cx: number, cy: number, rx: number, ry: number): string {
  return `M${cx - rx} ${cy}a${rx} ${ry} 0 1 0 ${2 * rx} 0a${rx} ${ry} 0 1 0 ${-2 * rx} 0Z`
}

/** A ring piece between two ellipses of one centre, from one angle to another (degrees, clockwise from the right). */
function crescent(cx: number, cy: number, outer: [number, number], inner: [number, number], from: number, to: number): string {
  const point = ([rx, ry]: [number, number], angle: number) => {
    const radians = (angle * Math.PI) / 180
    return `${(cx + rx * Math.cos(radians)).toFixed(1)} ${(cy + ry * Math.sin(radians)).toFixed(1)}`
  }
  const large = to - from > 180 ? 1 : 0
  return `M${point(outer, from)}A${outer[0]} ${outer[1]} 0 ${large} 1 ${point(outer, to)}L${point(inner, to)}A${inner[0]} ${inner[1]} 0 ${large} 0 ${point(inner, from)}Z`
}

export const SHAPES: Shape[] = [
  { id: 'patellofemoral_pain', short: 'PFP', path: 'M230 12C264 12 284 28 278 50C272 74 252 90 230 94C208 90 188 74 182 50C176 28 196 12 230 12Z', label: { x: 230, y: 50 } },
  { id: 'patellar_instability', short: 'instability', path: 'M288 40C322 52 350 76 366 108L352 116C338 90 314 70 283 58Z', label: { x: 404, y: 62 }, leader: { x: 346, y: 82 } },
  { id: 'acl', short: 'ACL', path: ellipse(226, 170, 27, 38), label: { x: 226, y: 172 } },
  { id: 'pcl', short: 'PCL', path: ellipse(232, 270, 27, 33), label: { x: 232, y: 273 } },
  { id: 'medial_meniscus', short: 'med. men.', path: crescent(294, 216, [66, 90], [38, 60], -122, 122), label: { x: 298, y: 218 } },
  { id: 'lateral_meniscus', short: 'lat. men.', path: crescent(160, 212, [64, 84], [36, 56], 46, 314), label: { x: 162, y: 214 } },
  { id: 'mcl', short: 'MCL', path: crescent(230, 216, [168, 168], [153, 152], -30, 28), label: { x: 430, y: 216 } },
  { id: 'lcl', short: 'LCL', path: crescent(230, 216, [167, 166], [155, 154], 166, 198), label: { x: 30, y: 192 } },
  { id: 'plc', short: 'PL corner', path: crescent(230, 216, [171, 150], [155, 134], 118, 158), label: { x: 52, y: 340 } },
]

export function mirrored(x: number, rightKnee: boolean): number {
  return rightKnee ? WIDTH - x : x
}
