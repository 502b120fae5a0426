import type { ConditionId } from '@/contract/types'

/** The left knee's plateau seen from above, front at the top; a right knee is its mirror image. */
export const WIDTH = 460
export const HEIGHT = 380

/** A place on a shape's own outer edge, and the way out from there. */
export interface EdgePoint {
  x: number
  y: number
  out: { x: number; y: number }
}

export interface Shape {
  id: ConditionId
  short: string
  path: string
  /** Its outer edge as a scale: 0 at one end, 1 at the other; the interval runs along it, the bearing stands outside. */
  edge: (share: number) => EdgePoint
  /** Where the figure stands. */
  label: { x: number; y: number }
  /** The figure stands on the drawing, not beside it. */
  inside?: boolean
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

/** An ellipse's rim, from one angle to another (degrees, clockwise from the right). */
function rim(cx: number, cy: number, [rx, ry]: [number, number], from: number, to: number): Shape['edge'] {
  return (share) => {
    const angle = ((from + (to - from) * share) * Math.PI) / 180
    const [cos, sin] = [Math.cos(angle), Math.sin(angle)]
    const length = Math.hypot(cos / rx, sin / ry)
    return { x: cx + rx * cos, y: cy + ry * sin, out: { x: cos / rx / length, y: sin / ry / length } }
  }
}

type Point = [number, number]

/** Cubic curves one after the other, the way out on their left. */
function bent(...curves: [Point, Point, Point, Point][]): Shape['edge'] {
  return (share) => {
    const at = Math.min(share * curves.length, curves.length - 1e-9)
    const [a, b, c, d] = curves[Math.floor(at)]!
    const u = at % 1
    const mix = (k: 0 | 1) =>
      (1 - u) ** 3 * a[k] + 3 * (1 - u) ** 2 * u * b[k] + 3 * (1 - u) * u * u * c[k] + u ** 3 * d[k]
    const slope = (k: 0 | 1) => (1 - u) ** 2 * (b[k] - a[k]) + 2 * (1 - u) * u * (c[k] - b[k]) + u * u * (d[k] - c[k])
    const [dx, dy] = [slope(0), slope(1)]
    const length = Math.hypot(dx, dy) || 1
    return { x: mix(0), y: mix(1), out: { x: dy / length, y: -dx / length } }
  }
}

const STEP = 0.02

/** A piece of an edge as a line to draw. */
export function along(edge: Shape['edge'], from: number, to: number): string {
  const steps = Math.max(1, Math.ceil((to - from) / STEP))
  const places = Array.from({ length: steps + 1 }, (_, k) => edge(from + ((to - from) * k) / steps))
  return `M${places.map(({ x, y }) => `${x.toFixed(1)} ${y.toFixed(1)}`).join('L')}`
}

export const SHAPES: Shape[] = [
  {
    id: 'patellofemoral_pain',
    short: 'PFP',
    path: 'M230 4C268 4 292 22 285 48C278 76 254 92 230 96C206 92 182 76 175 48C168 22 192 4 230 4Z',
    edge: bent(
      [
        [175, 48],
        [168, 22],
        [192, 4],
        [230, 4],
      ],
      [
        [230, 4],
        [268, 4],
        [292, 22],
        [285, 48],
      ],
    ),
    label: { x: 230, y: 46 },
    inside: true,
  },
  {
    id: 'patellar_instability',
    short: 'instability',
    path: 'M296 34C330 46 358 70 374 104L360 112C346 86 322 64 291 52Z',
    edge: bent([
      [296, 34],
      [330, 46],
      [358, 70],
      [374, 104],
    ]),
    label: { x: 406, y: 40 },
  },
  {
    id: 'acl',
    short: 'ACL',
    path: ellipse(222, 168, 33, 43),
    edge: rim(222, 168, [33, 43], 180, 360),
    label: { x: 222, y: 172 },
    inside: true,
  },
  {
    id: 'pcl',
    short: 'PCL',
    path: ellipse(232, 268, 33, 38),
    edge: rim(232, 268, [33, 38], 180, 0),
    label: { x: 232, y: 268 },
    inside: true,
  },
  {
    id: 'medial_meniscus',
    short: 'med. men.',
    path: crescent(300, 216, [66, 92], [41, 62], -116, 116),
    edge: rim(300, 216, [66, 92], 116, -116),
    label: { x: 300, y: 212 },
    inside: true,
  },
  {
    id: 'lateral_meniscus',
    short: 'lat. men.',
    path: crescent(150, 212, [64, 86], [41, 59], 52, 308),
    edge: rim(150, 212, [64, 86], 52, 308),
    label: { x: 150, y: 208 },
    inside: true,
  },
  {
    id: 'mcl',
    short: 'MCL',
    path: crescent(230, 216, [172, 168], [155, 152], -30, 28),
    edge: rim(230, 216, [172, 168], 28, -30),
    label: { x: 438, y: 216 },
  },
  {
    id: 'lcl',
    short: 'LCL',
    path: crescent(230, 216, [169, 166], [155, 154], 164, 198),
    edge: rim(230, 216, [169, 166], 164, 198),
    label: { x: 24, y: 206 },
  },
  {
    id: 'plc',
    short: 'PL corner',
    path: crescent(230, 216, [171, 150], [153, 134], 118, 157),
    edge: rim(230, 216, [171, 150], 118, 157),
    label: { x: 62, y: 344 },
  },
]

export function mirrored(x: number, rightKnee: boolean): number {
  return rightKnee ? WIDTH - x : x
}

export function shortName(id: ConditionId): string {
  return SHAPES.find((shape) => shape.id === id)?.short ?? id
}
