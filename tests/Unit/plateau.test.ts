import { expect, test } from 'vitest'
import { HEIGHT, SHAPES, WIDTH, along, mirrored } from '@/plateau/shapes'

const SHARES = [0, 0.1, 0.25, 0.5, 0.75, 0.9, 1]

test('every shape has an edge to read a chance from, with a way out of the shape', () => {
  expect(SHAPES).toHaveLength(9)
  for (const { id, edge } of SHAPES) {
    const inner = edge(0.5)
    for (const share of SHARES) {
      const { x, y, out } = edge(share)
      expect([x > 0, x < WIDTH, y > 0, y < HEIGHT], id).toEqual([true, true, true, true])
      expect(Math.hypot(out.x, out.y), id).toBeCloseTo(1, 9)
    }
    expect(edge(0), id).not.toEqual(inner)
  }
})

test('a bearing stands outside: away from the figure that stands on its shape', () => {
  for (const { id, edge, label } of SHAPES.filter(({ ground }) => ground !== 'page')) {
    for (const share of SHARES) {
      const { x, y, out } = edge(share)
      const before = Math.hypot(x - label.x, y - label.y)
      expect(Math.hypot(x + 9 * out.x - label.x, y + 9 * out.y - label.y), `${id} ${share}`).toBeGreaterThan(before)
    }
  }
})

test('a figure stands on its own shape or on the bone within it, and only on a filled shape is it light', () => {
  const grounds = Object.fromEntries(SHAPES.map(({ id, ground }) => [id, ground]))
  // A meniscus is a curve: its figure stands on the bone that it surrounds, which stays light in every zone.
  expect(grounds).toMatchObject({ acl: 'shape', medial_meniscus: 'bone', lateral_meniscus: 'bone', mcl: 'page' })
})

test('a piece of an edge begins and ends where it says, and a chance without doubt is still a line', () => {
  const acl = SHAPES.find(({ id }) => id === 'acl')!
  const [low, high] = [acl.edge(0.2), acl.edge(0.6)]
  const line = along(acl.edge, 0.2, 0.6)
  expect(line.startsWith(`M${low.x.toFixed(1)} ${low.y.toFixed(1)}L`)).toBe(true)
  expect(line.endsWith(`L${high.x.toFixed(1)} ${high.y.toFixed(1)}`)).toBe(true)
  expect(along(acl.edge, 0.5, 0.5).match(/L/g)).toHaveLength(1)
})

test('a right knee is the mirror image of a left one', () => {
  expect([mirrored(0, true), mirrored(WIDTH, true), mirrored(10, false)]).toEqual([WIDTH, 0, 10])
})
