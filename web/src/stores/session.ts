import { defineStore } from 'pinia'
import { ref } from 'vue'
import { Unreachable, answerOf, api, rememberCsrf } from '@/api/client'
import type { Credentials, Session } from '@/contract/types'
import { useTeamDays } from '@/shared/dates'
import { clearShelf, closeVault, confirmKey, forgetKey, openVault, unwrapKey, vault, wrapKey } from '@/sync'

/** Where this tab keeps who is logged in, for as long as it is open: it opens the device without the server. */
const NAME = 'gray-compass:session/4'

/** Under which a device that a password opens keeps who it is. */
const SEALED = 'session'

/** Set on this device where someone logged out while the server was away: it is told before anything else. */
const LEAVING = 'gray-compass:leaving/1'

/** Who is logged in. */
export const useSession = defineStore('session', () => {
  const user = ref<Session['user']>(null)
  const demo = ref(false)
  /** What people must know of the machine that this runs on. */
  const server = ref<Session['server']>({ mailLeaves: true, disk: 'enough' })
  /** False until the server, or this tab, said who is there. */
  const known = ref(false)

  /** How the season of a squad stands today, where one is set. */
  function seasonOf(squad: string): string | undefined {
    return user.value?.seasons.find((one) => one.squad === squad)?.words
  }

  async function adopt(session: Session): Promise<void> {
    rememberCsrf(session.csrf)
    if (session.user !== null && session.deviceKey !== null) {
      sessionStorage.setItem(NAME, JSON.stringify(session))
      await openVault(session.user.id, session.deviceKey)
      void vault()
        ?.write(SEALED, session)
        .catch(() => undefined)
    } else {
      sessionStorage.removeItem(NAME)
      closeVault()
    }
    user.value = session.user
    if (session.user !== null) useTeamDays(session.user)
    demo.value = session.demo
    server.value = session.server
    known.value = true
  }

  /** What this tab knows of anybody, put away; what waits to be sent stays encrypted on the device. */
  async function forget(): Promise<void> {
    if (user.value !== null) await forgetKey(user.value.id)
    await vault()?.remove(SEALED)
    await clearShelf()
    sessionStorage.removeItem(NAME)
    closeVault()
    user.value = null
    known.value = true
  }

  /** Ends on the server what was ended here while it was away. */
  async function finishLeaving(): Promise<void> {
    try {
      await answerOf(api.POST('/api/logout'))
    } catch (error) {
      // Whatever it answers, the session is over.
      if (error instanceof Unreachable) throw error
    }
    localStorage.removeItem(LEAVING)
  }

  /**
   * Asks who is there; while the server is away, the person who was there in this tab.
   *
   * @throws Unreachable where the server is away and this tab knows nobody
   */
  async function look(): Promise<void> {
    try {
      if (localStorage.getItem(LEAVING)) await finishLeaving()
      const told = await answerOf(api.GET('/api/me'))
      await (told.user === null ? forgetKey() : confirmKey(told.user.id))
      await adopt(told)
    } catch (error) {
      if (localStorage.getItem(LEAVING)) return forget()
      const kept = sessionStorage.getItem(NAME)
      if (!(error instanceof Unreachable) || kept === null) throw error
      await adopt(JSON.parse(kept) as Session)
    }
  }

  /** @throws ApiError 403 where the password is right and the code of the second factor is missing */
  async function logIn(given: Credentials): Promise<void> {
    const told = await answerOf(api.POST('/api/login', { body: given }))
    await adopt(told)
    localStorage.removeItem(LEAVING)
    if (told.user === null || told.deviceKey === null) return
    if (given.shared === true) return forgetKey(told.user.id)
    void wrapKey({ user: told.user.id, deviceKey: told.deviceKey }, given.email, given.password).catch(() => undefined)
  }

  /**
   * Opens what this device keeps while the server is away: what is sent later still needs a log-in there.
   *
   * @returns false where the password opens nothing here
   */
  async function openOffline(email: string, password: string): Promise<boolean> {
    const key = await unwrapKey(email, password)
    if (key === null) return false
    await openVault(key.user, key.deviceKey)
    const kept = await vault()?.read<Session>(SEALED)
    if (!kept) {
      closeVault()
      return false
    }
    await adopt(kept)
    return true
  }

  /** At work in another of one's teams from here on; what this device kept of the one before is put away. */
  async function workIn(team: string): Promise<void> {
    const other = await answerOf(api.PUT('/api/teams/{team}', { params: { path: { team } } }))
    await clearShelf()
    await adopt(other)
  }

  /** Here at once; where the server is away, there as soon as it is back and before anything else is asked of it. */
  async function logOut(): Promise<void> {
    localStorage.setItem(LEAVING, new Date().toISOString())
    await forget()
    await look()
  }

  return { seasonOf, user, demo, server, known, look, logIn, openOffline, workIn, logOut }
})
