import { expect, test } from 'vitest'
import type { Session } from '@/contract/types'
import { admitted, router } from '@/router'

/** Which screens are open to whom: what someone may do is told by the server, and the addresses follow it. */
const LEAD = { leads: true, examines: true, answers: true, secondFactor: false, asksSecondFactor: false }

/** The name of the screen that an address leads someone to; null: nobody is logged in. */
function leads(path: string, user: Partial<NonNullable<Session['user']>> | null): string {
  const to = router.resolve(path)
  const way = admitted(to, user === null ? null : ({ ...LEAD, ...user } as Session['user']))
  return String(way === true ? to.name : (way as { name: string }).name)
}

test('the person who leads or treats comes wherever they want to', () => {
  expect(leads('/doctors', {})).toBe('doctors')
  expect(leads('/athletes', { leads: false })).toBe('import')
  expect(leads('/letters/01L', {})).toBe('letter')
  expect(leads('/', {})).toBe('today')
})

test('where nobody is logged in the door is shown, and the way back is kept', () => {
  expect(admitted(router.resolve('/board'), null)).toEqual({ name: 'login', query: { to: '/board' } })
  expect(leads('/invitation', null)).toBe('invitation')
  expect(leads('/reset', null)).toBe('reset')
  expect(leads('/login', {})).toBe('login')
})

test('who does not answer for what is entered has no lists, letters or doctors to keep', () => {
  const student = { answers: false, leads: false }
  for (const path of ['/athletes', '/letters/01L', '/doctors']) expect(leads(path, student)).toBe('today')
  for (const path of ['/athletes/01A', '/examinations/01E']) expect(leads(path, student)).not.toBe('today')
})

test('to whom no record is open there is the board, and their own account', () => {
  const coach = { examines: false, answers: false, leads: false }
  for (const path of ['/', '/examinations/01E', '/team', '/athletes/01A', '/arithmetic', '/board'])
    expect(leads(path, coach)).toBe('board')
  expect(leads('/account', coach)).toBe('account')
})

test('without the second factor that a team asks for there is the account alone', () => {
  expect(leads('/', { asksSecondFactor: true })).toBe('account')
  expect(leads('/account', { asksSecondFactor: true })).toBe('account')
  expect(leads('/board', { asksSecondFactor: true, secondFactor: true })).toBe('board')
})
