import { beforeEach, expect, test } from 'vitest'
import { adopt, deskKey, emptyDesk, unsent } from '@/stores/desk'
import { locks } from './support'

beforeEach(() => {
  localStorage.clear()
  locks('gray-compass:tab:open')
})

function leave(examination: string, tab: string, parts: string[]): void {
  const desk = emptyDesk()
  for (const part of parts)
    desk.waiting.push({ part, payload: {}, key: part, from: { payload: null, version: 0 }, tried: false })
  desk.drafts[tab] = { note: tab }
  localStorage.setItem(deskKey(examination, tab), JSON.stringify(desk))
}

test('what a closed tab left is taken over and cleared; an open tab keeps its own', async () => {
  leave('01A', 'closed', ['history'])
  leave('01A', 'open', ['safety'])
  leave('01B', 'closed', ['gait:both'])
  const desk = await adopt('01A', 'mine')
  expect(desk.waiting.map(({ part }) => part)).toEqual(['history'])
  expect(desk.drafts).toEqual({ closed: { note: 'closed' } })
  expect(localStorage.getItem(deskKey('01A', 'closed'))).toBeNull()
  expect(localStorage.getItem(deskKey('01A', 'open'))).not.toBeNull()
})

test('a desk that cannot be read keeps nothing shut', async () => {
  localStorage.setItem(deskKey('01A', 'broken'), '{not json')
  expect(await adopt('01A', 'mine')).toEqual(emptyDesk())
  expect(unsent()).toEqual([])
})

test('the device says how many entries wait, by examination', () => {
  leave('01A', 'one', ['history', 'safety'])
  leave('01A', 'two', ['gait:both'])
  leave('01B', 'one', [])
  localStorage.setItem('something else', '1')
  expect(unsent()).toEqual([{ examination: '01A', count: 3 }])
})
