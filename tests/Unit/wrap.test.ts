import 'fake-indexeddb/auto'
import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, expect, test, vi } from 'vitest'
import type { Session } from '@/contract/types'
import { useSession } from '@/stores/session'
import { forgetKey, isWrapped, triesLeft, unwrapKey, wrapKey } from '@/sync'
import { server } from './support'

const KEY = btoa('k'.repeat(32))
const ADA = { user: 'ada', deviceKey: KEY }
const PASSWORD = 'fell shoes in the rain'

function session(user: string | null): Session {
  return {
    csrf: 'c',
    deviceKey: user === null ? null : KEY,
    demo: false,
    server: { mailLeaves: true, disk: 'enough' },
    user: user === null ? null : { id: user, name: 'Ada', timeZone: 'Europe/London', dateOrder: 'day_first' },
  } as unknown as Session
}

beforeEach(async () => {
  setActivePinia(createPinia())
  sessionStorage.clear()
  localStorage.clear()
  vi.useRealTimers()
  await forgetKey()
})

// Each password is derived anew by 600,000 rounds, which a busy machine takes seconds for.
vi.setConfig({ testTimeout: 60_000 })

test('the password of the person opens the device, whatever the case of the address, and no other does', async () => {
  await wrapKey(ADA, 'ada@fenmoor.example', PASSWORD)
  expect(await unwrapKey(' Ada@Fenmoor.example', PASSWORD)).toEqual(ADA)
  expect(await unwrapKey('ada@fenmoor.example', `${PASSWORD}.`)).toBeNull()
  expect(await unwrapKey('eve@fenmoor.example', PASSWORD)).toBeNull()
  expect(await triesLeft()).toBe(8)
  expect(await unwrapKey('ada@fenmoor.example', PASSWORD)).toEqual(ADA)
  expect(await triesLeft()).toBe(10)
})

test('after ten wrong passwords the key is gone, and the right one opens nothing', async () => {
  await wrapKey(ADA, 'ada@fenmoor.example', PASSWORD)
  for (let tries = 1; tries <= 10; tries++) {
    expect(await isWrapped()).toBe(true)
    await unwrapKey('ada@fenmoor.example', `guess ${tries}`)
  }
  expect([await isWrapped(), await unwrapKey('ada@fenmoor.example', PASSWORD)]).toEqual([false, null])
})

test('a short password wraps nothing, and a week without the server ends what was wrapped', async () => {
  await wrapKey(ADA, 'ada@fenmoor.example', 'eleven char')
  expect(await isWrapped()).toBe(false)
  vi.useFakeTimers({ toFake: ['Date'], now: Date.parse('2026-05-01T08:00:00Z') })
  await wrapKey(ADA, 'ada@fenmoor.example', PASSWORD)
  vi.setSystemTime(Date.parse('2026-05-08T07:00:00Z'))
  expect(await isWrapped()).toBe(true)
  vi.setSystemTime(Date.parse('2026-05-08T09:00:00Z'))
  expect(await isWrapped()).toBe(false)
})

test('who logged in on a device of their own opens it later without the server', async () => {
  const store = useSession()
  server({ status: 200, body: session('ada') })
  await store.logIn({ email: 'ada@fenmoor.example', password: PASSWORD, shared: false })
  await vi.waitFor(async () => expect(await isWrapped()).toBe(true), { timeout: 10_000 })

  // A new tab after an empty battery: nothing but what the device keeps.
  setActivePinia(createPinia())
  sessionStorage.clear()
  server('gone')
  const later = useSession()
  await expect(later.look()).rejects.toThrow()
  expect(await later.openOffline('ada@fenmoor.example', 'another password')).toBe(false)
  expect(await later.openOffline('ada@fenmoor.example', PASSWORD)).toBe(true)
  expect([later.known, later.user?.name]).toEqual([true, 'Ada'])

  await later.logOut().catch(() => undefined)
  expect(await isWrapped()).toBe(false)
})

test('a shared device keeps no key, and one whose session is over loses it at the first contact', async () => {
  const store = useSession()
  await wrapKey(ADA, 'ada@fenmoor.example', PASSWORD)
  server({ status: 200, body: session('ada') })
  await store.logIn({ email: 'ada@fenmoor.example', password: PASSWORD, shared: true })
  expect(await isWrapped()).toBe(false)
  await wrapKey(ADA, 'ada@fenmoor.example', PASSWORD)
  server({ status: 200, body: session(null) })
  await store.look()
  expect(await isWrapped()).toBe(false)
})
