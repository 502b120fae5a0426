/** A direction in the frame of the device: x to its right, y to its top, z out of its screen. */
export type Direction = readonly [x: number, y: number, z: number]

/** How the device lies, as browsers tell it, in degrees. */
export interface Orientation {
  alpha: number
  beta: number
  gamma: number
}

const DEGREE = Math.PI / 180

/**
 * Where up is, seen from the device. The three angles of a browser jump where the device stands upright or lies on its
 * face; this direction does not.
 */
export function upward({ beta, gamma }: Pick<Orientation, 'beta' | 'gamma'>): Direction {
  const [b, g] = [beta * DEGREE, gamma * DEGREE]
  return [-Math.cos(b) * Math.sin(g), Math.sin(b), Math.cos(b) * Math.cos(g)]
}

/** Degrees between two directions, 0–180. */
export function between(one: Direction, other: Direction): number {
  const cross = Math.hypot(
    one[1] * other[2] - one[2] * other[1],
    one[2] * other[0] - one[0] * other[2],
    one[0] * other[1] - one[1] * other[0],
  )
  const along = one[0] * other[0] + one[1] * other[1] + one[2] * other[2]
  return Math.atan2(cross, along) / DEGREE
}

/** Whether the top of the device went up on the way from one lie to the other, rather than down. */
export function topRose(zero: Direction, now: Direction): boolean {
  // About the device's own x axis, so that a way over the upright does not turn back.
  const turned = Math.atan2(now[1], now[2]) - Math.atan2(zero[1], zero[2])
  return Math.sin(turned) >= 0
}

type Quaternion = readonly [w: number, x: number, y: number, z: number]

/** Degrees that the device has turned about the vertical, 0–180, however it lies. */
export function turnedBetween(one: Orientation, other: Orientation): number {
  const [w, x, y, z] = quaternionOf(other)
  const [ow, ox, oy, oz] = quaternionOf(one)
  // The way from one to the other in the frame of the room, and of it what turns about the vertical.
  const way = w * ow + x * ox + y * oy + z * oz
  const up = -w * oz - x * oy + y * ox + z * ow
  return (2 * Math.atan2(Math.abs(up), Math.abs(way))) / DEGREE
}

/** By the order in which browsers turn: about z, then x, then y. */
function quaternionOf({ alpha, beta, gamma }: Orientation): Quaternion {
  const [a, b, g] = [alpha, beta, gamma].map((angle) => (angle * DEGREE) / 2) as [number, number, number]
  const [ca, sa, cb, sb, cg, sg] = [Math.cos(a), Math.sin(a), Math.cos(b), Math.sin(b), Math.cos(g), Math.sin(g)]
  return [
    ca * cb * cg - sa * sb * sg,
    ca * sb * cg - sa * cb * sg,
    ca * cb * sg + sa * sb * cg,
    ca * sb * sg + sa * cb * cg,
  ]
}

/** The middle of several directions. */
export function middleOf(directions: readonly Direction[]): Direction {
  const sum = directions.reduce<Direction>(([x, y, z], one) => [x + one[0], y + one[1], z + one[2]], [0, 0, 0])
  const length = Math.hypot(...sum) || 1
  return [sum[0] / length, sum[1] / length, sum[2] / length]
}
