import { defineStore } from 'pinia'
import { ref } from 'vue'
import { answerOf, api, rememberCsrf } from '@/api/client'
import { closeVault, openVault } from '@/sync'
import type { Session } from '@/contract/types'

/** Who is logged in. */
export const useSession = defineStore('session', () => {
  const user = ref<Session['user']>(null)
  const demo = ref(false)
  const known = ref(false)

  async function adopt(session: Session): Promise<void> {
    rememberCsrf(session.csrf)
    if (session.user !== null && session.deviceKey !== null) await openVault(session.user.id, session.deviceKey)
    else closeVault()
    user.value = session.user
    demo.value = session.demo
    known.value = true
  }

  async function look(): Promise<void> {
    await adopt(await answerOf(api.GET('/api/me')))
  }

  async function logIn(email: string, password: string): Promise<void> {
    await adopt(await answerOf(api.POST('/api/login', { body: { email, password } })))
  }

  async function logOut(): Promise<void> {
    await answerOf(api.POST('/api/logout'))
    await look()
  }

  return { user, demo, known, look, logIn, logOut }
})
