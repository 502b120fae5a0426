import 'fake-indexeddb/auto'
import { beforeEach, expect, test, vi } from 'vitest'
import { ApiError, Unreachable } from '@/api/client'
import { readThrough } from '@/sync/readThrough'
import { clearShelf, examinationName, shelve, shelved, tidyShelf } from '@/sync/shelf'
import { closeVault, openVault, vault } from '@/sync/vault'

const KEY = btoa('k'.repeat(32))
const away = () => Promise.reject(new Unreachable('away'))

beforeEach(async () => {
  vi.useRealTimers()
  await openVault('ada', KEY)
  await clearShelf()
})

test('what the server answered is shown again while it is away, with the time it was seen', async () => {
  expect(await readThrough('today', async () => ({ due: 3 }))).toEqual({ value: { due: 3 }, keptAt: null })
  await vi.waitFor(async () => expect(await shelved('today')).not.toBeNull())
  const read = await readThrough('today', away)
  expect(read.value).toEqual({ due: 3 })
  expect(Date.now() - Date.parse(read.keptAt!)).toBeLessThan(60_000)
})

test('a refusal is told, and nothing that was kept stands in for it', async () => {
  await shelve('today', { due: 3 })
  const refused = new ApiError(404, { path: '', reason: 'There is no such examination.' }, {})
  await expect(readThrough('today', () => Promise.reject(refused))).rejects.toBe(refused)
})

test('without anything kept the server is waited for, and its absence told', async () => {
  await expect(readThrough('today', away)).rejects.toBeInstanceOf(Unreachable)
})

test('nobody waits long for a slow server where the device can show something', async () => {
  await shelve('today', { due: 3 })
  vi.useFakeTimers({ toFake: ['setTimeout'] })
  const read = readThrough('today', () => new Promise(() => undefined))
  await vi.waitFor(() => expect(vi.getTimerCount()).toBeGreaterThan(0))
  await vi.advanceTimersByTimeAsync(4_000)
  expect((await read).value).toEqual({ due: 3 })
})

test('the examinations opened longest ago are let go, and nothing else', async () => {
  await shelve('catalogue', {})
  for (let i = 0; i < 43; i++) {
    vi.useFakeTimers({ toFake: ['Date'], now: Date.UTC(2026, 0, 1, 0, i) })
    await shelve(examinationName(String(i)), { i })
  }
  await tidyShelf()
  expect((await vault()!.names('shelf/examination/')).length).toBe(40)
  expect(await shelved(examinationName('2'))).toBeNull()
  expect(await shelved(examinationName('3'))).not.toBeNull()
  expect(await shelved('catalogue')).not.toBeNull()
})

test('another person reads none of it; logging out leaves none of it; without a vault nothing is thrown', async () => {
  await shelve('today', { due: 3 })
  await openVault('bo', KEY)
  expect(await shelved('today')).toBeNull()
  await openVault('ada', KEY)
  await clearShelf()
  expect(await shelved('today')).toBeNull()
  closeVault()
  await shelve('today', { due: 3 })
  expect(await shelved('today')).toBeNull()
})

test('what is still being put away when the shelf is cleared does not land on it afterwards', async () => {
  const putting = shelve('today', { due: 3 })
  await clearShelf()
  await putting
  expect(await shelved('today')).toBeNull()
})

test('an answer that comes once another person has logged in is not put on their shelf', async () => {
  let answer: (value: unknown) => void = () => undefined
  const read = readThrough('today', () => new Promise((resolve) => (answer = resolve)))
  await openVault('bo', KEY)
  const write = vi.spyOn(vault()!, 'write')
  answer({ due: 3 })
  await read
  expect(write).not.toHaveBeenCalled()
})

test('what an earlier version kept in another shape is not shown', async () => {
  await vault()!.write('shelf/today', { at: '2026-01-01T10:00:00Z', value: { due: 3 } })
  expect(await shelved('today')).toBeNull()
  await expect(readThrough('today', away)).rejects.toBeInstanceOf(Unreachable)
})
