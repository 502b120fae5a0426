import { type RouteLocation, type RouteLocationRaw, createRouter, createWebHistory } from 'vue-router'
import type { Session } from './contract/types'
import { useCatalogue } from './stores/catalogue'
import { useSession } from './stores/session'
import { hush } from './ui/telling'

declare module 'vue-router' {
  interface RouteMeta {
    /** Shown to the person who comes. */
    open?: true
    /** A screen on which nobody has anything to do who does not answer for what is entered. */
    answers?: true
  }
}

export const router = createRouter({
  history: createWebHistory(),
  routes: [
    { path: '/login', name: 'login', component: () => import('./views/LoginView.vue'), meta: { open: true } },
    { path: '/reset', name: 'reset', component: () => import('./views/ResetView.vue'), meta: { open: true } },
    {
      path: '/invitation',
      name: 'invitation',
      component: () => import('./views/InvitationView.vue'),
      meta: { open: true },
    },
    { path: '/', name: 'today', component: () => import('./views/TodayView.vue') },
    { path: '/examinations/:id', name: 'bench', component: () => import('./views/BenchView.vue'), props: true },
    {
      path: '/examinations/:id/summary',
      name: 'summary',
      component: () => import('./views/SummaryView.vue'),
      props: true,
    },
    {
      path: '/examinations/:id/weigh/:condition',
      name: 'weigh',
      component: () => import('./views/WeighUpView.vue'),
      props: true,
    },
    {
      path: '/examinations/:id/touchline',
      name: 'touchline',
      component: () => import('./views/TouchlineView.vue'),
      props: true,
    },
    {
      path: '/examinations/:id/emergency',
      name: 'emergency',
      component: () => import('./views/EmergencyView.vue'),
      props: true,
    },
    {
      path: '/arithmetic',
      name: 'arithmetic',
      component: () => import('./views/ArithmeticView.vue'),
      // It begins with figures of the catalogue.
      beforeEnter: () =>
        useCatalogue()
          .load()
          .catch(() => undefined),
    },
    { path: '/athletes/:id', name: 'athlete', component: () => import('./views/AthleteView.vue'), props: true },
    {
      path: '/letters/:id',
      name: 'letter',
      component: () => import('./views/LetterView.vue'),
      props: true,
      meta: { answers: true },
    },
    { path: '/doctors', name: 'doctors', component: () => import('./views/DoctorsView.vue'), meta: { answers: true } },
    {
      path: '/examinations/:id/athlete',
      name: 'for-athlete',
      component: () => import('./views/ForAthleteView.vue'),
      props: true,
    },
    { path: '/athletes', name: 'import', component: () => import('./views/ImportView.vue'), meta: { answers: true } },
    { path: '/knees/:id', name: 'course', component: () => import('./views/CourseView.vue'), props: true },
    { path: '/board', name: 'board', component: () => import('./views/BoardView.vue') },
    { path: '/account', name: 'account', component: () => import('./views/AccountView.vue') },
    { path: '/team', name: 'team', component: () => import('./views/TeamView.vue') },
    {
      path: '/exchange/import',
      name: 'import-records',
      component: () => import('./views/RecordImportView.vue'),
      meta: { answers: true },
    },
    { path: '/exchange/contract', name: 'contract', component: () => import('./views/ContractView.vue') },
    { path: '/exchange', name: 'exchange', component: () => import('./views/ExchangeView.vue') },
    { path: '/audit-log', name: 'audit-log', component: () => import('./views/AuditLogView.vue') },
    { path: '/:rest(.*)', redirect: '/' },
  ],
})

// What was told on one screen belongs to it, and to nobody who comes after.
router.afterEach((to, from) => to.path !== from.path && hush())

/** Whether someone may come to an address, or where they are led instead. */
export function admitted(to: RouteLocation, user: Session['user']): true | RouteLocationRaw {
  if (user === null && !to.meta.open) return { name: 'login', query: { to: to.fullPath } }
  if (user === null || to.meta.open || to.name === 'account') return true
  // Without the second factor that the team asks for nothing else is answered.
  if (user.asksSecondFactor && !user.secondFactor) return { name: 'account' }
  if (!user.examines) return to.name === 'board' ? true : { name: 'board' }
  return to.meta.answers && !user.answers ? { name: 'today' } : true
}

router.beforeEach(async (to) => {
  const session = useSession()
  if (!session.known) await session.look().catch(() => undefined)
  return session.known ? admitted(to, session.user) : true
})
