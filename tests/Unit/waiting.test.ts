import { beforeEach, describe, expect, test, vi } from 'vitest'
import { effectScope } from 'vue'
import { useRetry } from '@/sync/retry'
import { locks } from './support'

/** What goes on while a server is away, and which tab it is that waits. */
describe('trying again', () => {
  beforeEach(() => {
    vi.useFakeTimers()
    return () => vi.useRealTimers()
  })

  function retried(options: { first?: number; longest?: number; random?: () => number } = {}) {
    const attempt = vi.fn()
    const scope = effectScope()
    const retry = scope.run(() => useRetry({ attempt, random: () => 1, ...options }))!
    return { attempt, scope, ...retry }
  }

  /** How long each of so many tries waits (ms), where all of them fail. */
  function waits(many: number, later: () => void, attempt: ReturnType<typeof vi.fn>): number[] {
    return Array.from({ length: many }, () => {
      later()
      const before = attempt.mock.calls.length
      let waited = 0
      while (attempt.mock.calls.length === before) {
        vi.advanceTimersByTime(100)
        waited += 100
      }
      return waited
    })
  }

  test('waits twice as long each time, and never longer than the longest', () => {
    const { attempt, later } = retried({ first: 1_000, longest: 5_000 })
    expect(waits(5, later, attempt)).toEqual([1_000, 2_000, 4_000, 5_000, 5_000])
  })

  test('of devices that lost the same server no two come back at the same moment', () => {
    const many = [0, 0.5, 1].map((random) => retried({ first: 1_000, random: () => random }))
    expect(many.map(({ attempt, later }) => waits(1, later, attempt)[0])).toEqual([500, 800, 1_000])
  })

  test('begins with the first wait again once it worked', () => {
    const { attempt, later, done } = retried({ first: 1_000 })
    waits(3, later, attempt)
    done()
    expect(waits(1, later, attempt)).toEqual([1_000])
  })

  test('is one try, however often it is put off, and none once it worked or nobody is there', () => {
    const { attempt, later, done, scope } = retried()
    later()
    later()
    vi.advanceTimersByTime(60_000)
    expect(attempt).toHaveBeenCalledTimes(1)
    later()
    done()
    vi.advanceTimersByTime(60_000)
    later()
    scope.stop()
    vi.advanceTimersByTime(60_000)
    expect(attempt).toHaveBeenCalledTimes(1)
  })

  test('does not wait when the network comes back', async () => {
    const { attempt } = retried()
    window.dispatchEvent(new Event('offline'))
    await Promise.resolve()
    expect(attempt).not.toHaveBeenCalled()
    window.dispatchEvent(new Event('online'))
    await Promise.resolve()
    expect(attempt).toHaveBeenCalledTimes(1)
  })
})

describe('a tab', () => {
  const NAME = 'gray-compass:tab'

  /** As a page that has just been loaded sees it. */
  async function loaded() {
    vi.resetModules()
    return import('@/sync/tab')
  }

  beforeEach(() => sessionStorage.clear())

  test('keeps its name over a reload', async () => {
    locks()
    const { thisTab } = await loaded()
    const name = await thisTab()
    expect(await thisTab()).toBe(name)
    locks()
    expect(await (await loaded()).thisTab()).toBe(name)
  })

  test('that was copied takes a name of its own, for the first one still holds its', async () => {
    sessionStorage.setItem(NAME, 'the-first')
    locks('gray-compass:tab:the-first')
    const { thisTab, isTabOpen } = await loaded()
    const name = await thisTab()
    expect(name).not.toBe('the-first')
    expect(sessionStorage.getItem(NAME)).toBe(name)
    expect([await isTabOpen('the-first'), await isTabOpen(name), await isTabOpen('long-gone')]).toEqual([
      true,
      true,
      false,
    ])
  })
})
