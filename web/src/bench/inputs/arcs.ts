/** How an angle is drawn: in units of the drawing, the joint in the origin, angles as the leg makes them. */
export interface ArcKind {
  /** Where 0° points, clockwise from the right (°). */
  start: number
  /** Which way more degrees turn: 1 clockwise, -1 the other way. */
  sense: 1 | -1
  /** Between two ticks (°). */
  tick: number
  /** Between two figures (°). */
  figure: number
}

export const ARCS = {
  /** Bending turns the shin down. */
  bend: { start: 0, sense: 1, tick: 10, figure: 30 },
  /** Going over straight turns it up. */
  over: { start: 0, sense: -1, tick: 5, figure: 20 },
  /** A foot turning out starts from twelve o'clock. */
  turn: { start: -90, sense: 1, tick: 10, figure: 30 },
} as const satisfies Record<string, ArcKind>

export type ArcName = keyof typeof ARCS

export const TICKS_FROM = 68
/** The nearer end of a figure. */
const FIGURES_AT = 82
const MARGIN = 10
const FIGURE_WIDTH = 32
/** Beside the joint, a figure begins or ends at its tick; above and below it, it is centred, a little further out. */
const BESIDE = 0.35
const FURTHER = 6
/** Degrees between two places at which the drawing's extent is looked up. */
const STEP = 5

export function pointAt(kind: ArcKind, degrees: number, radius: number): { x: number; y: number } {
  const radians = ((kind.start + kind.sense * degrees) * Math.PI) / 180
  return { x: radius * Math.cos(radians), y: radius * Math.sin(radians) }
}

export interface FigurePlace {
  x: number
  y: number
  anchor: 'start' | 'middle' | 'end'
}

export function figureAt(kind: ArcKind, degrees: number): FigurePlace {
  const across = pointAt(kind, degrees, 1).x
  const anchor = across > BESIDE ? 'start' : across < -BESIDE ? 'end' : 'middle'
  return { ...pointAt(kind, degrees, FIGURES_AT + (anchor === 'middle' ? FURTHER : 0)), anchor }
}

/** The multiples of a step within a range, both ends taken in. */
export function multiples(step: number, least: number, most: number): number[] {
  const first = Math.ceil(least / step)
  return Array.from({ length: Math.max(0, Math.floor(most / step) - first + 1) }, (_, k) => (first + k) * step)
}

/** What has to be in the picture: the resting limb, and the scale over its whole range. */
export function viewOf(name: ArcName, least: number, most: number): string {
  const box = { ...(name === 'turn' ? { left: -22, right: 22 } : { left: -96, right: 94 }), top: -24, bottom: 20 }
  for (const degrees of [...multiples(STEP, least, most), least, most]) {
    const { x, y } = figureAt(ARCS[name], degrees)
    box.left = Math.min(box.left, x < 0 ? x - FIGURE_WIDTH : x)
    box.right = Math.max(box.right, x > 0 ? x + FIGURE_WIDTH : x)
    box.top = Math.min(box.top, y - MARGIN)
    box.bottom = Math.max(box.bottom, y + MARGIN)
  }
  return [box.left, box.top, box.right - box.left, box.bottom - box.top].map((n) => Math.round(n)).join(' ')
}
