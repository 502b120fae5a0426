import { describe, expect, it } from 'vitest'
import { CLOSED, type Source, type SourceStep, after } from '@/stores/source'

const KEPT: Source = { from: 'device', at: '2026-11-28T09:00:00Z' }
const TOLD: Source = { from: 'server' }
const arrivedNow: SourceStep = { to: 'arrived', at: null }
const arrivedFromDevice: SourceStep = { to: 'arrived', at: '2026-11-28T09:00:00Z' }

describe('where an examination on screen comes from', () => {
  it.each([
    [CLOSED, arrivedNow, TOLD],
    [CLOSED, arrivedFromDevice, KEPT],
    [KEPT, arrivedNow, TOLD],
    [TOLD, arrivedFromDevice, KEPT],
    [KEPT, { to: 'saved' }, KEPT],
    [TOLD, { to: 'saved' }, TOLD],
    [CLOSED, { to: 'saved' }, CLOSED],
    [KEPT, { to: 'closed' }, CLOSED],
    [TOLD, { to: 'closed' }, CLOSED],
  ] as const)('%o, %o', (before, step, then) => {
    expect(after(before, step)).toEqual(then)
  })

  it('knows an answer that was asked for before a save', () => {
    for (const asked of [KEPT, TOLD]) expect(after(asked, { to: 'saved' })).not.toBe(asked)
  })
})
