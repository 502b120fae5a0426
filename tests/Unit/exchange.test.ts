import { flushPromises, mount } from '@vue/test-utils'
import { createPinia, setActivePinia } from 'pinia'
import { afterEach, beforeEach, expect, test, vi } from 'vitest'
import type { Session } from '@/contract/types'
import ExaminationExport from '@/exchange/ExaminationExport.vue'
import TableExport from '@/exchange/TableExport.vue'
import TokenForm from '@/exchange/TokenForm.vue'
import TokenList from '@/exchange/TokenList.vue'
import { useSession } from '@/stores/session'
import { server } from './support'

/** How records leave, and how other programs come in. */
beforeEach(() => {
  setActivePinia(createPinia())
  sessionStorage.clear()
})
afterEach(() => {
  vi.useRealTimers()
  document.body.innerHTML = ''
})

function be(leads: boolean): void {
  useSession().user = { leads, examines: true } as unknown as Session['user']
}

const running = { state: 'running', done: 250, total: 1000, bytes: null }
const ready = { state: 'ready', done: 1000, total: 1000, bytes: 4000 }

test('tables are asked for, followed while they are written, and found again when the screen was left', async () => {
  vi.useFakeTimers()
  server(
    { status: 202, body: { id: '01X' } },
    { status: 200, body: running },
    { status: 200, body: ready },
    { status: 200, body: ready },
  )
  const view = mount(TableExport)
  await view.get('button').trigger('click')
  await flushPromises()
  expect(view.text()).toContain('Writing 250 of 1000 examinations')
  expect(view.get('button').attributes('disabled')).toBeDefined()
  await vi.advanceTimersByTimeAsync(1_100)
  await flushPromises()
  expect(view.get('a').attributes('href')).toBe('/api/table-exports/01X/file')
  view.unmount()

  const again = mount(TableExport)
  await flushPromises()
  expect(again.text()).toContain('The tables are ready.')
  again.unmount()
})

test('tables that failed are told, and those of another day are forgotten', async () => {
  server({ status: 202, body: { id: '01X' } }, { status: 200, body: { ...running, state: 'failed' } })
  const view = mount(TableExport)
  await view.get('button').trigger('click')
  await flushPromises()
  expect(view.text()).toContain('The tables could not be written.')
  view.unmount()

  server({ status: 404, body: { error: { path: '', reason: 'There is no such thing' } } })
  const later = mount(TableExport)
  await flushPromises()
  expect(later.text()).not.toContain('There is no such thing')
  expect(sessionStorage.length).toBe(0)
  later.unmount()
})

test('a token is made for what is ticked, and shown until the next one', async () => {
  be(true)
  const asked = server({ status: 201, body: { id: '01K', token: '01K|secret' } })
  const form = mount(TokenForm, { attachTo: document.body })
  await form.get('input[type=text], input:not([type])').setValue('Hospital reader')
  await form.findAll('input[type=checkbox]')[3]!.setValue(true)
  await form.get('form').trigger('submit')
  await flushPromises()
  expect(asked.at(-1)?.body).toEqual({
    name: 'Hospital reader',
    days: 90,
    abilities: ['read', 'fhir'],
    ofTeam: false,
  })
  expect(form.get('input[aria-label="Token for Hospital reader"]').element).toHaveProperty('value', '01K|secret')
  expect(form.text()).toContain('Copy the token for Hospital reader now.')
  form.unmount()
})

test('a token that may do nothing is not asked for', async () => {
  be(false)
  const asked = server()
  const form = mount(TokenForm, { attachTo: document.body })
  expect(form.text()).not.toContain('Token of the team')
  await form.get('input[type=text], input:not([type])').setValue('Nothing')
  await form.findAll('input[type=checkbox]')[0]!.setValue(false)
  await form.get('form').trigger('submit')
  await flushPromises()
  expect(form.text()).toContain('Choose at least one.')
  expect(asked).toHaveLength(0)
  form.unmount()
})

test('a list of tokens says which have ended, and whose those of the team are', async () => {
  const made = { madeAt: '2026-05-01T10:00:00Z', expiresAt: '2026-08-01T10:00:00Z', usedAt: null, own: true }
  server({
    status: 200,
    body: [
      { ...made, id: '01K', name: 'Reader', by: 'Ada', ofTeam: true, abilities: ['read', 'fhir'], isOver: false },
      { ...made, id: '01L', name: 'Old', by: 'Ada', ofTeam: false, abilities: ['export'], isOver: true },
    ],
  })
  const list = mount(TokenList)
  await flushPromises()
  const [first, second] = list.findAll('li').map((item) => item.text())
  expect(first).toContain('Read, FHIR')
  expect(first).toContain('of the team, made by Ada')
  expect(first).toContain('not used yet')
  expect(second).toContain('expired')
})

test('an examination is saved as three files, each with its day', () => {
  const dialog = mount(ExaminationExport, {
    props: { id: '01E', examinedAt: '2026-05-01T10:00:00Z' },
    global: { stubs: { UiDialog: { template: '<div><slot /></div>' } } },
  })
  expect(dialog.findAll('a').map((link) => [link.attributes('href'), link.attributes('download')])).toEqual([
    ['/api/examinations/01E/summary.pdf', 'knee-2026-05-01.pdf'],
    ['/api/examinations/01E/document', 'knee-2026-05-01.json'],
    ['/api/examinations/01E/bundle', 'knee-2026-05-01.fhir.json'],
  ])
})
