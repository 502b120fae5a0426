import { flushPromises, mount } from '@vue/test-utils'
import { createPinia, setActivePinia } from 'pinia'
import { afterEach, beforeEach, expect, test, vi } from 'vitest'
import { createMemoryHistory, createRouter } from 'vue-router'
import RecordImportsLately from '@/exchange/RecordImportsLately.vue'
import RecordItems from '@/exchange/RecordItems.vue'
import type { RecordItem } from '@/exchange/useRecordImport'
import RecordImportView from '@/views/RecordImportView.vue'
import { server } from './support'

/** Examinations and results that come in from elsewhere. */
beforeEach(() => {
  setActivePinia(createPinia())
  vi.useFakeTimers({ toFake: ['setTimeout', 'clearTimeout'] })
})
afterEach(() => {
  vi.useRealTimers()
  document.body.innerHTML = ''
})

function item(place: string, status: RecordItem['status'], also: Partial<RecordItem> = {}): RecordItem {
  const what = { what: 'Examination', on: '2026-03-14', side: 'left' as const, isSigned: true }
  return { place, status, why: '', ...what, athlete: null, person: '', addsAthlete: false, left: [], ...also }
}
const OK = <T>(body: T) => ({ status: 200, body })
const UNKNOWN = item('line 1', 'needs_athlete', { why: 'The file does not say whose knee it is.' })
const KNOWN = item('line 1', 'new', { athlete: { id: '01A', name: 'Ada Own' } })
const preview = (...items: RecordItem[]) => OK({ format: 'json_lines', unread: ['read me.txt'], items })
const storing = (state: string, done: number) =>
  OK({
    id: '01R',
    state,
    done,
    total: 1,
    at: '2026-03-15T09:00:00Z',
    origin: 'Marsh',
    problem: null,
    canBeTakenBack: true,
  })

function page() {
  const router = createRouter({
    history: createMemoryHistory(),
    routes: [
      { path: '/', name: 'today', component: { template: '<i />' } },
      { path: '/athletes/:id', name: 'athlete', component: { template: '<i />' } },
      { path: '/:rest(.*)', component: { template: '<i />' } },
    ],
  })
  return mount(RecordImportView, { global: { plugins: [router], stubs: { TopBar: true } }, attachTo: document.body })
}

async function choose(view: ReturnType<typeof page>): Promise<void> {
  const input = view.get('input[type=file]').element as HTMLInputElement
  Object.defineProperty(input, 'files', { value: [new File(['{}'], 'visits.jsonl')] })
  await view.get('input[type=file]').trigger('change')
  await settle(20)
}

async function settle(ms: number): Promise<void> {
  await flushPromises()
  await vi.advanceTimersByTimeAsync(ms)
  await flushPromises()
}

test('nothing is stored before its origin is said, and then just what was shown, until it is over', async () => {
  const asked = server(OK([]), preview(KNOWN), OK([]), OK([]), storing('waiting', 0), storing('done', 1), OK([]))
  const view = page()
  await settle(0)
  await choose(view)
  expect(view.text()).toContain('1 to be stored, 0 already here, 0 without an athlete, 0 not to be stored.')
  const store = view.findAll('button').find((one) => one.text() === 'Store 1 record')!
  await view.get('form').trigger('submit')
  await settle(0)
  expect(asked.filter(({ path }) => path === '/api/record-imports').map(({ method }) => method)).toEqual(['GET'])
  await view.get('input[aria-label="Where the records come from"]').setValue('Marsh')
  expect(store.attributes('disabled')).toBeUndefined()
  await view.get('form').trigger('submit')
  await settle(500)
  const begun = asked.find(({ method, path }) => method === 'POST' && path === '/api/record-imports')!
  expect(begun.body).toMatchObject({ origin: 'Marsh', expects: 1, content: btoa('{}'), signed: 'history' })
  expect(view.text()).toContain('1 record stored.')
  expect(view.findAll('a').map((one) => one.text())).toContain('Go to Ada Own')
  view.unmount()
})

test('a file that names nobody asks whose knees they are, and signed visits how they arrive', async () => {
  const athletes = [{ id: '01A', name: 'Ada Own', squad: 'Judo', number: '7' }]
  const asked = server(OK([]), preview(UNKNOWN), OK(athletes), OK(['Judo']), preview(KNOWN))
  const view = page()
  await settle(0)
  await choose(view)
  expect(view.text()).toContain('Whose knees these are')
  expect(view.text()).toContain('Signed history')
  expect(view.get('button[type=submit]').attributes('disabled')).toBeDefined()
  await view.get('input[type=radio][value=draft]').setValue(true)
  await settle(400)
  expect(asked.at(-1)!.body).toMatchObject({ signed: 'draft', athlete: null })
  expect(view.text()).toContain('To check, complete and sign here.')
  view.unmount()
})

test('what needs a person stands first, with what is left out and who would be added', () => {
  const view = mount(RecordItems, {
    props: {
      items: [
        item('line 3', 'same'),
        item('line 2', 'new', { addsAthlete: true, person: 'Bo Other', left: ['entry[4]'] }),
        item('line 1', 'refused', { why: 'setting: missing', side: null }),
      ],
    },
  })
  const rows = view.findAll('tbody tr').map((row) => row.text())
  expect(rows.map((row) => /line \d/.exec(row)?.[0])).toEqual(['line 1', 'line 2', 'line 3'])
  expect(rows[0]).toContain('setting: missing')
  expect(rows[1]).toMatch(/Kept, but not read: entry\[4\].*Bo Other.*will be added/)
  expect(rows[2]).toContain('Examination, left knee')
})

test('an import is undone, and what stayed is told', async () => {
  const done = storing('done', 1)
  const asked = server(OK([done.body]), OK({ stayed: 2 }), OK([]))
  const view = mount(RecordImportsLately)
  await settle(0)
  expect(view.text()).toContain('1 record from Marsh added')
  await view.get('button').trigger('click')
  await settle(0)
  expect(asked[1]).toMatchObject({ method: 'DELETE', path: '/api/record-imports/01R' })
  expect(view.text()).toBe('')
})
