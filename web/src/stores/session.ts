import { defineStore } from 'pinia'
import { ref } from 'vue'
import { answerOf, api, rememberCsrf } from '@/api/client'
import type { Session } from '@/contract/types'

/** Who is logged in. */
export const useSession = defineStore('session', () => {
  const user = ref<Session['user']>(null)
  const demo = ref(false)
  const known = ref(false)

  function adopt(session: Session): void {
    rememberCsrf(session.csrf)
    user.value = session.user
    demo.value = session.demo
    known.value = true
  }

  async function look(): Promise<void> {
    adopt(await answerOf(api.GET('/api/me')))
  }

  async function logIn(email: string, password: string): Promise<void> {
    adopt(await answerOf(api.POST('/api/login', { body: { email, password } })))
  }

  async function logOut(): Promise<void> {
    await answerOf(api.POST('/api/logout'))
    await look()
  }

  return { user, demo, known, look, logIn, logOut }
})
