import { beforeEach, expect, test } from 'vitest'
import { ApiError, Unreachable, answerOf, api, rememberCsrf } from '@/api/client'
import { server } from './support'

beforeEach(() => rememberCsrf('a token'))

const read = () => answerOf(api.GET('/api/examinations/{examination}', { params: { path: { examination: '01X' } } }))

test('an answer is given as it came, and the address and the token are right', async () => {
  const asked = server({ status: 200, body: { id: '01X' } })
  expect(await read()).toEqual({ id: '01X' })
  expect(asked).toEqual([{ method: 'GET', path: '/api/examinations/01X', token: 'a token', body: {} }])
})

test('an empty answer is no error', async () => {
  server({ status: 204 })
  expect(await answerOf(api.POST('/api/logout'))).toBeUndefined()
})

test('a refusal names the place, the reason and what came with it', async () => {
  server({ status: 422, body: { error: { path: 'payload.pain', reason: 'expected 0 to 10' }, hold: { kind: 'rule' } } })
  const error = (await read().catch((problem: unknown) => problem)) as ApiError
  expect(error).toBeInstanceOf(ApiError)
  expect([error.status, error.fault, error.body.hold]).toEqual([
    422,
    { path: 'payload.pain', reason: 'expected 0 to 10' },
    { kind: 'rule' },
  ])
})

test('a token that is too old is asked for anew, once, and the same is sent again', async () => {
  const asked = server(
    { status: 419 },
    { status: 200, body: { csrf: 'a new one' } },
    { status: 201, body: { id: '01Y' } },
  )
  const body = { hurtSide: 'left' as const, daysSinceInjury: 4, route: 'clinic_core' as const }
  const started = await answerOf(
    api.POST('/api/athletes/{athlete}/examinations', { params: { path: { athlete: '01A' } }, body }),
  )
  expect(started).toEqual({ id: '01Y' })
  expect(asked.map(({ path, token }) => [path, token])).toEqual([
    ['/api/athletes/01A/examinations', 'a token'],
    ['/api/me', 'a token'],
    ['/api/athletes/01A/examinations', 'a new one'],
  ])
  expect(asked[2]?.body).toEqual(body)
})

test.each([
  ['nothing came back', 'gone' as const, null, false],
  ['a gateway found nobody', { status: 502 }, 502, false],
  ['the application failed', { status: 500 }, 500, true],
  ['the server is busy', { status: 429 }, 429, false],
])('when %s, it is told apart', async (_, answer, status, isFailure) => {
  server(answer)
  const error = (await read().catch((problem: unknown) => problem)) as Unreachable
  expect(error).toBeInstanceOf(Unreachable)
  expect([error.status, error.isFailure]).toEqual([status, isFailure])
})
