import 'fake-indexeddb/auto'
import { beforeEach, expect, test } from 'vitest'
import { discardUnsent, emptyDesk, keep, takeUp, unsent } from '@/sync/desk'
import { sendAll } from '@/sync/sendAll'
import { openVault } from '@/sync/vault'
import { locks, saved, server } from './support'

const FROM = { payload: null, version: 2 }

beforeEach(async () => {
  await openVault('ada', btoa('k'.repeat(32)))
  await discardUnsent()
  locks('gray-compass:tab:elsewhere')
})

function leave(examination: string, tab: string, ...parts: string[]): Promise<void> {
  const waiting = parts.map((part) => ({ part, payload: { normal: true }, key: part, from: FROM, tried: false }))
  return keep(examination, tab, { ...emptyDesk(), waiting })
}

test('what waits for several examinations is sent under the keys and versions it was entered with', async () => {
  await leave('01A', 'closed', 'gait:both', 'lachman:left')
  await leave('01B', 'closed', 'history')
  const asked = server(saved('any', 3))
  expect(await sendAll()).toEqual([])
  expect(asked.map(({ path }) => path)).toEqual([
    '/api/examinations/01A/records/gait/both',
    '/api/examinations/01A/records/lachman/left',
    '/api/examinations/01B/sections/history',
  ])
  expect(asked[0]!.body).toMatchObject({ key: 'gait:both', version: 2, payload: { normal: true } })
})

test('with the server away all of it stays', async () => {
  await leave('01A', 'closed', 'gait:both')
  server('gone')
  expect(await sendAll()).toEqual([{ examination: '01A', count: 1 }])
})

test('what the server refuses stays, with the reason and what it holds instead', async () => {
  await leave('01A', 'closed', 'gait:both')
  const newer = { payload: { normal: false }, version: 5 }
  server({ status: 409, body: { error: { path: 'version', reason: 'It was changed in between.' }, newer } })
  expect(await sendAll()).toEqual([{ examination: '01A', count: 1 }])
  const [refusal] = (await takeUp('01A', 'mine')).refused
  expect(refusal).toEqual({
    part: 'gait:both',
    mine: { normal: true },
    reason: 'It was changed in between.',
    newer,
    held: false,
    mayOverride: false,
  })
})

test('what an open tab holds is left to it; what is discarded is gone', async () => {
  await leave('01A', 'elsewhere', 'gait:both')
  const asked = server(saved('any', 3))
  expect(await sendAll()).toEqual([{ examination: '01A', count: 1 }])
  expect(asked).toEqual([])
  await discardUnsent()
  expect(await unsent()).toEqual([])
})
