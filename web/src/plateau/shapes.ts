import type { ConditionId } from '@/contract/types'
import drawing from '../../../resources/drawings/plateau.json'

/** The left knee's plateau seen from above, front at the top; a right knee is its mirror image. */
export const WIDTH = drawing.width
export const HEIGHT = drawing.height
export const TIBIA = drawing.bone

/** A place on a shape's own outer edge, and the way out from there. */
export interface EdgePoint {
  x: number
  y: number
  out: { x: number; y: number }
}

type Ground = 'shape' | 'bone' | 'page'

export interface Shape {
  id: ConditionId
  short: string
  path: string
  /** Its outer edge as a scale: 0 at one end, 1 at the other; the interval runs along it, the bearing stands outside. */
  edge: (share: number) => EdgePoint
  /** Where the figure stands. */
  label: { x: number; y: number }
  /** What the figure stands on: the shape itself, the bone within its curve, or the page beside the drawing. */
  ground: Ground
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

/** The outer edge of each part: ellipses have one, the kneecap and the band beside it are drawn by hand. */
const EDGES: Record<ConditionId, Shape['edge']> = {
  patellofemoral_pain: bent(
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
  patellar_instability: bent([
    [296, 34],
    [330, 46],
    [358, 70],
    [374, 104],
  ]),
  acl: rim(222, 168, [33, 43], 180, 360),
  pcl: rim(232, 268, [33, 38], 180, 0),
  medial_meniscus: rim(300, 216, [66, 92], 116, -116),
  lateral_meniscus: rim(150, 212, [64, 86], 52, 308),
  mcl: rim(230, 216, [172, 168], 28, -30),
  lcl: rim(230, 216, [169, 166], 164, 198),
  plc: rim(230, 216, [171, 150], 118, 157),
}

export const SHAPES: Shape[] = drawing.parts.map((part) => {
  const id = part.id as ConditionId
  return { ...part, id, ground: part.ground as Ground, edge: EDGES[id] }
})

export function mirrored(x: number, rightKnee: boolean): number {
  return rightKnee ? WIDTH - x : x
}

export function shortName(id: ConditionId): string {
  return SHAPES.find((shape) => shape.id === id)?.short ?? id
}
