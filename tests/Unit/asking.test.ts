import { flushPromises } from '@vue/test-utils'
import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, expect, test } from 'vitest'
import { ApiError } from '@/api/client'
import { useSections } from '@/bench/asking/useSections'
import { span, today } from '@/shared/dates'
import { useDoing } from '@/shared/useDoing'
import { passwordAsked, passwordGiven, passwordRefused, withPassword } from '@/shared/usePassword'
import { useOpenExamination } from '@/stores/openExamination'
import { refusedAs } from '@/sync/refusal'
import { question } from './fixtures'

/** Small things that many screens lean on: answering, doing one thing at a time, the password once more, days. */
beforeEach(() => setActivePinia(createPinia()))

test('an answer is given by one tap and taken back by the same', () => {
  const { answer, toggle, none } = useSections()
  const answers = () => useOpenExamination().answers('history')
  toggle('history', 'pop', true)
  expect(answers()).toEqual({ pop: true })
  toggle('history', 'pop', false)
  expect(answers()).toEqual({ pop: false })
  toggle('history', 'pop', false)
  expect(answers()).toEqual({})
  answer('history', { note: 'heard by others' })
  answer('history', { note: '' })
  expect(answers()).toEqual({})
  toggle('history', 'pop', true)
  none('history', [question('pop'), question('locking')])
  expect(answers()).toEqual({ pop: true, locking: false })
})

test('one thing is done at a time, and what went wrong is told', async () => {
  const { busy, problem, attempt } = useDoing('It did not work.')
  let finish = () => {}
  const first = attempt(() => new Promise<void>((done) => (finish = done)))
  expect(busy.value).toBe(true)
  expect(await attempt(async () => undefined)).toBe(false)
  finish()
  expect([await first, busy.value, problem.value]).toEqual([true, false, ''])
  expect(await attempt(() => Promise.reject(new Error('The list is full.')))).toBe(false)
  expect(problem.value).toBe('The list is full.')
  await attempt(() => Promise.reject('no error at all'))
  expect(problem.value).toBe('It did not work.')
  await attempt(async () => undefined)
  expect([problem.value, busy.value]).toEqual(['', false])
})

const refused = (status: number, path: string, more: object = {}) =>
  new ApiError(status, { path, reason: 'say it again' }, { ...more })

test('what wants the password once more is done again once it was given, and not without it', async () => {
  let given = false
  const act = () => (given ? Promise.resolve('done') : Promise.reject(refused(403, 'password')))
  const first = withPassword(act)
  await flushPromises()
  expect(passwordAsked.value).not.toBeNull()
  given = true
  passwordGiven()
  expect([await first, passwordAsked.value]).toEqual(['done', null])

  given = false
  const second = withPassword(act)
  await flushPromises()
  passwordRefused()
  await expect(second).rejects.toThrow('Nothing was changed')
})

test('other refusals ask for no password', async () => {
  for (const error of [refused(403, 'role'), refused(422, 'password'), new Error('gone')]) {
    await expect(withPassword(() => Promise.reject(error))).rejects.toBe(error)
    expect(passwordAsked.value).toBeNull()
  }
})

test('what the server would not take is kept with the reason, and with what is newer there', () => {
  const waiting = { part: 'lachman:left', payload: { translationMm: 9 } } as never
  expect(refusedAs(waiting, refused(422, 'translationMm'))).toEqual({
    part: 'lachman:left',
    mine: { translationMm: 9 },
    reason: 'say it again',
    newer: null,
    held: false,
    mayOverride: false,
  })
  const newer = { payload: { translationMm: 4 }, version: 3 }
  expect(refusedAs(waiting, refused(409, 'version', { newer })).newer).toEqual(newer)
  expect(refusedAs(waiting, refused(409, 'version', { newer: null })).newer).toEqual({ payload: null, version: 0 })
  expect(refusedAs(waiting, refused(422, 'lachman', { hold: { kind: 'rule' } })).held).toBe(true)
})

test('days are said as one span, as far as they are known', () => {
  const spoken = (from: string, by: string) => span(from, by).replaceAll('\u2009', ' ')
  expect(spoken('2026-11-16', '2026-11-21')).toBe('16 – 21 Nov 2026')
  expect(spoken('2026-11-28', '2026-12-02')).toBe('28 Nov – 2 Dec 2026')
  expect(spoken('2026-12-28', '2027-01-04')).toBe('28 Dec 2026 – 4 Jan 2027')
  expect(span('2026-11-21', '2026-11-21')).toBe('by 21 Nov 2026')
  expect(span(null, '2026-11-21')).toBe('by 21 Nov 2026')
  expect(span('2026-11-21', null)).toBe('from 21 Nov 2026')
  expect(span(null, null)).toBe('')
  expect(today()).toMatch(/^\d{4}-\d{2}-\d{2}$/)
})
