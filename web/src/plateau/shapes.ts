import type { ConditionId } from '@/contract/types'

/** The left knee's plateau seen from above, front at the top; a right knee is its mirror image. */
export const WIDTH = 460
export const HEIGHT = 380

export interface Shape {
  id: ConditionId
  short: string
  path: string
  /** Where the figure stands, and where a leader line starts when it stands outside. */
  label: { x: number; y: number }
  /** The figure stands on the drawing, not beside it. */
  inside?: boolean
  leader?: { x: number; y: number }
}

export const TIBIA =
  'M230 120C196 104 132 102 104 144C78 184 84 264 122 306C154 336 204 324 230 314C256 324 306 336 338 306C376 264 382 184 356 144C328 102 264 104 230 120Z'

function ellipse(cx: number, cy: number, rx: number, ry: number): string {
  return `M${cx - rx} ${cy}a${rx} ${ry} 0 1 0 ${2 * rx} 0a${rx} ${ry} 0 1 0 ${-2 * rx} 0Z`
}

/** A ring piece between two ellipses of one centre, from one angle to another (degrees, clockwise from the right). */
function crescent(
  cx: number,
  cy: number,
  outer: [number, number],
  inner: [number, number],
  from: number,
  to: number,
): string {
  const point = ([rx, ry]: [number, number], angle: number) => {
    const radians = (angle * Math.PI) / 180
    return `${(cx + rx * Math.cos(radians)).toFixed(1)} ${(cy + ry * Math.sin(radians)).toFixed(1)}`
  }
  const large = to - from > 180 ? 1 : 0
  return `M${point(outer, from)}A${outer[0]} ${outer[1]} 0 ${large} 1 ${point(outer, to)}L${point(inner, to)}A${inner[0]} ${inner[1]} 0 ${large} 0 ${point(inner, from)}Z`
}

export const SHAPES: Shape[] = [
  {
    id: 'patellofemoral_pain',
    short: 'PFP',
    path: 'M230 4C268 4 292 22 285 48C278 76 254 92 230 96C206 92 182 76 175 48C168 22 192 4 230 4Z',
    label: { x: 230, y: 48 },
    inside: true,
  },
  {
    id: 'patellar_instability',
    short: 'instability',
    path: 'M296 34C330 46 358 70 374 104L360 112C346 86 322 64 291 52Z',
    label: { x: 414, y: 56 },
    leader: { x: 352, y: 78 },
  },
  { id: 'acl', short: 'ACL', path: ellipse(222, 168, 33, 43), label: { x: 222, y: 172 }, inside: true },
  { id: 'pcl', short: 'PCL', path: ellipse(232, 268, 33, 38), label: { x: 232, y: 268 }, inside: true },
  {
    id: 'medial_meniscus',
    short: 'med. men.',
    path: crescent(300, 216, [66, 92], [41, 62], -116, 116),
    label: { x: 300, y: 212 },
    inside: true,
  },
  {
    id: 'lateral_meniscus',
    short: 'lat. men.',
    path: crescent(150, 212, [64, 86], [41, 59], 52, 308),
    label: { x: 150, y: 208 },
    inside: true,
  },
  { id: 'mcl', short: 'MCL', path: crescent(230, 216, [172, 168], [155, 152], -30, 28), label: { x: 430, y: 216 } },
  { id: 'lcl', short: 'LCL', path: crescent(230, 216, [169, 166], [155, 154], 164, 198), label: { x: 30, y: 190 } },
  {
    id: 'plc',
    short: 'PL corner',
    path: crescent(230, 216, [171, 150], [153, 134], 118, 157),
    label: { x: 54, y: 336 },
  },
]

export function mirrored(x: number, rightKnee: boolean): number {
  return rightKnee ? WIDTH - x : x
}

export function shortName(id: ConditionId): string {
  return SHAPES.find((shape) => shape.id === id)?.short ?? id
}
