import { flushPromises, mount } from '@vue/test-utils'
import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, expect, test } from 'vitest'
import { createMemoryHistory, createRouter } from 'vue-router'
import type { Availability, Session } from '@/contract/types'
import { useSession } from '@/stores/session'
import BoardView from '@/views/BoardView.vue'
import { server } from './support'

/** Who may play, as the team and its coach read it. */
beforeEach(() => setActivePinia(createPinia()))

const one = (more: Partial<Availability>): Availability => ({
  athlete: '01A',
  name: 'Ada Own',
  number: null,
  squad: 'Judo',
  alsoIn: [],
  status: 'modified',
  label: 'Available with limits',
  notThis: ['jumping'],
  thisYes: ['cycling'],
  review: null,
  coachMayKnow: true,
  ...more,
})

async function board(listed: Availability[], examines = true) {
  const seasons = [{ squad: 'Judo', words: 'season until 30 April 2027' }]
  useSession().user = {
    examines,
    answers: examines,
    leads: false,
    seasons,
    name: 'Bo',
    team: 'Club',
  } as unknown as Session['user']
  server({ status: 200, body: listed })
  const router = createRouter({
    history: createMemoryHistory(),
    routes: ['today', 'board', 'athlete', 'arithmetic', 'account', 'team', 'deeds'].map((name) => ({
      path: name === 'athlete' ? '/athletes/:id' : `/${name}`,
      name,
      component: { template: '<i />' },
    })),
  })
  const view = mount(BoardView, {
    global: { plugins: [router], stubs: { SubjectPage: { template: '<main><slot name="beside" /><slot /></main>' } } },
  })
  await flushPromises()
  return view
}

const rows = (view: Awaited<ReturnType<typeof board>>) =>
  view.findAll('tbody tr').map((row) => row.findAll('th, td').map((cell) => cell.text().replaceAll('\u2009', ' ')))

test('each squad has its table, in their order, and the person who is in two stands in both', async () => {
  const view = await board([
    one({ squad: 'Judo', alsoIn: ['Handball'] }),
    one({ athlete: '01B', name: 'Cy Other', squad: 'Handball' }),
  ])
  expect(view.findAll('h2').map((head) => head.text())).toEqual(['Handball', 'Judo season until 30 April 2027'])
  expect(rows(view).map(([name]) => name)).toEqual(['Ada Own', 'Cy Other', 'Ada Own'])
})

test('when a knee is looked at again is told as a span, as overdue, or as not planned', async () => {
  const window = { from: '2026-11-20', by: '2026-11-25' }
  const view = await board([
    one({ review: { ...window, isOverdue: false } }),
    one({ athlete: '01B', review: { ...window, isOverdue: true } }),
    one({ athlete: '01C' }),
  ])
  expect(rows(view).map((cells) => cells[4])).toEqual(['20 – 25 Nov 2026', 'Overdue: 20 – 25 Nov 2026', 'not planned'])
})

test('the team sees who the coach is told of; a coach sees neither that nor a way into a record', async () => {
  const ours = await board([one({ coachMayKnow: false })])
  expect(rows(ours)[0]!.at(-1)).toBe('no')
  expect(ours.find('tbody a').attributes('href')).toBe('/athletes/01A')
  const theirs = await board([one({})], false)
  expect(rows(theirs)[0]).toEqual(['Ada Own', 'Available with limits', 'jumping', 'cycling', 'not planned'])
  expect(theirs.find('tbody a').exists()).toBe(false)
  expect(theirs.text()).toContain('or has not agreed to share it')
})

test('an empty board says why, to each in their words', async () => {
  expect((await board([])).text()).toContain('No examination is signed yet.')
  expect((await board([], false)).text()).toContain('agreed to share availability with you yet')
})
