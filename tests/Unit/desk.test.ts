import 'fake-indexeddb/auto'
import { beforeEach, expect, test } from 'vitest'
import { deskName, emptyDesk, keep, takeUp, unsent } from '@/sync/desk'
import { closeVault, openVault, vault } from '@/sync/vault'
import { locks } from './support'

const KEY = btoa('k'.repeat(32))
const OTHER_KEY = btoa('o'.repeat(32))

beforeEach(async () => {
  await openVault('ada', KEY)
  for (const name of (await vault()?.names('')) ?? []) await vault()?.remove(name)
  locks('gray-compass:tab:open')
})

function leave(examination: string, tab: string, parts: string[]): Promise<void> {
  const desk = emptyDesk()
  for (const part of parts)
    desk.waiting.push({ part, payload: {}, key: part, from: { payload: null, version: 0 }, tried: false })
  desk.drafts[tab] = { note: tab }
  return keep(examination, tab, desk)
}

test('what a closed tab left is taken over and cleared; an open tab keeps its own', async () => {
  await leave('01A', 'mine', ['gait:both'])
  await leave('01A', 'closed', ['history'])
  await leave('01A', 'open', ['safety'])
  await leave('01B', 'closed', ['gait:both'])
  const desk = await takeUp('01A', 'mine')
  expect(desk.waiting.map(({ part }) => part)).toEqual(['history', 'gait:both'])
  expect(desk.drafts).toEqual({ mine: { note: 'mine' }, closed: { note: 'closed' } })
  expect((await vault()?.names('desk/01A/'))?.sort()).toEqual([deskName('01A', 'mine'), deskName('01A', 'open')].sort())
  expect((await takeUp('01A', 'mine')).waiting).toHaveLength(2)
})

test('a desk that cannot be opened keeps nothing shut', async () => {
  await leave('01A', 'mine', ['history'])
  await openVault('ada', OTHER_KEY)
  expect(await takeUp('01A', 'mine')).toEqual(emptyDesk())
  expect(await unsent()).toEqual([])
})

test('nobody takes over, counts or reads what another person left on this device', async () => {
  await leave('01A', 'closed', ['history'])
  await openVault('bram', OTHER_KEY)
  expect([await takeUp('01A', 'mine'), await unsent()]).toEqual([emptyDesk(), []])
  await openVault('ada', KEY)
  expect(await unsent()).toEqual([{ examination: '01A', count: 1 }])
})

test('nothing that was written can be read on the device', async () => {
  const desk = emptyDesk()
  desk.drafts['history'] = { note: 'landed from a jump shot' }
  await keep('01A', 'mine', desk)
  const open = indexedDB.open('gray-compass')
  const database = await new Promise<IDBDatabase>((done) => (open.onsuccess = () => done(open.result)))
  const all = database.transaction('sealed').objectStore('sealed').getAll()
  const rows = await new Promise<{ data: ArrayBuffer }[]>((done) => (all.onsuccess = () => done(all.result)))
  expect(rows).toHaveLength(1)
  expect(new TextDecoder().decode(rows[0]?.data)).not.toContain('jump')
})

test('an empty desk leaves nothing behind, and without a vault it is said that nothing is kept', async () => {
  await leave('01A', 'mine', ['history'])
  await keep('01A', 'mine', emptyDesk())
  expect(await vault()?.names('')).toEqual([])
  closeVault()
  await expect(keep('01A', 'mine', emptyDesk())).rejects.toThrow('keeps nothing')
  expect([await takeUp('01A', 'mine'), await unsent()]).toEqual([emptyDesk(), []])
})

test('the device says how many entries wait, by examination', async () => {
  await leave('01A', 'one', ['history', 'safety'])
  await leave('01A', 'two', ['gait:both'])
  await leave('01B', 'one', [])
  expect(await unsent()).toEqual([{ examination: '01A', count: 3 }])
})

test('a key that is none opens nothing, and keeps nobody from working', async () => {
  await openVault('ada', 'not base64!')
  expect(vault()).toBeNull()
})
