import { describe, expect, it } from 'vitest'
import { ARCS, multiples, pointAt, viewOf } from '@/bench/inputs/arcs'
import { HEIGHTS, WIDTH, landmarksOf } from '@/bench/inputs/landmarks'
import station from '../../core/data/catalogue/supine_right_angle.json'

const WORDS = station.landmark_palpation.fields.find((field) => field.name === 'tender')?.words ?? []
const NAMES_TO = 88

type Point = [number, number]

function crosses([a, b]: [Point, Point], [c, d]: [Point, Point]): boolean {
  const side = (p: Point, q: Point, r: Point) => (q[0] - p[0]) * (r[1] - p[1]) - (q[1] - p[1]) * (r[0] - p[0])
  return side(a, b, c) * side(a, b, d) < 0 && side(c, d, a) * side(c, d, b) < 0
}

describe('landmarks', () => {
  it('gives each place that can be tender one name in one view', () => {
    const shown = (['front', 'back'] as const).flatMap((view) => landmarksOf(view, WORDS).map(({ word }) => word))
    expect(WORDS.length).toBe(15)
    expect([...shown].sort()).toEqual([...WORDS].sort())
  })

  it('leaves a finger of room between two names of a column', () => {
    for (const column of ['outer', 'inner'] as const) {
      const tops = landmarksOf('front', WORDS).filter((place) => place.column === column)
      const steps = tops.slice(1).map((place, at) => place.top - tops[at]!.top)
      expect(Math.min(...steps)).toBeGreaterThanOrEqual(44)
    }
  })

  it('lets no leader cross another, and keeps each dot between the columns', () => {
    for (const view of ['front', 'back'] as const) {
      const places = landmarksOf(view, WORDS)
      const leaders = places.map(({ column, top, dot }): [Point, Point] => [
        [column === 'outer' ? NAMES_TO : WIDTH - NAMES_TO, top],
        [dot.x, dot.y],
      ])
      for (const one of leaders) for (const other of leaders) expect(crosses(one, other)).toBe(false)
      for (const { dot } of places) {
        expect(dot.x).toBeGreaterThan(NAMES_TO + 4)
        expect(dot.x).toBeLessThan(WIDTH - NAMES_TO - 4)
        expect(dot.y).toBeLessThan(HEIGHTS[view])
      }
    }
  })
})

describe('degree arcs', () => {
  it('turn the shin down to bend, up to go over straight, the foot out from twelve', () => {
    expect(pointAt(ARCS.bend, 90, 10).y).toBeCloseTo(10)
    expect(pointAt(ARCS.over, 90, 10).y).toBeCloseTo(-10)
    expect(pointAt(ARCS.turn, 0, 10).y).toBeCloseTo(-10)
    expect(pointAt(ARCS.turn, 90, 10).x).toBeCloseTo(10)
  })

  it('take both ends of a range into the scale', () => {
    expect(multiples(20, -60, 20)).toEqual([-60, -40, -20, 0, 20])
    expect(multiples(30, 1, 29)).toEqual([])
  })

  it.each([
    ['bend', 0, 150],
    ['over', -60, 20],
    ['over', 0, 40],
    ['turn', 0, 90],
  ] as const)('%s from %i° to %i° keeps every tick in the picture', (name, least, most) => {
    const [left, top, width, height] = viewOf(name, least, most).split(' ').map(Number) as [
      number,
      number,
      number,
      number,
    ]
    for (const degrees of [...multiples(5, least, most), most]) {
      const { x, y } = pointAt(ARCS[name], degrees, 80)
      expect(x).toBeGreaterThan(left)
      expect(x).toBeLessThan(left + width)
      expect(y).toBeGreaterThan(top)
      expect(y).toBeLessThan(top + height)
    }
  })
})
