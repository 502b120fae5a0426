import { createRouter, createWebHistory } from 'vue-router'
import { useSession } from './stores/session'

export const router = createRouter({
  history: createWebHistory(),
  routes: [
    { path: '/login', name: 'login', component: () => import('./views/LoginView.vue'), meta: { open: true } },
    { path: '/', name: 'today', component: () => import('./views/TodayView.vue') },
    { path: '/examinations/:id', name: 'bench', component: () => import('./views/BenchView.vue'), props: true },
    { path: '/examinations/:id/summary', name: 'summary', component: () => import('./views/SummaryView.vue'), props: true },
    { path: '/:rest(.*)', redirect: '/' },
  ],
})

router.beforeEach(async (to) => {
  const session = useSession()
  if (!session.known) await session.look().catch(() => undefined)
  if (session.known && !session.user && !to.meta.open) return { name: 'login', query: { to: to.fullPath } }
  return true
})
