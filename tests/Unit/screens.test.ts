import { flushPromises, mount } from '@vue/test-utils'
import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, expect, test } from 'vitest'
import { createMemoryHistory, createRouter } from 'vue-router'
import NumberRule from '@/bench/inputs/NumberRule.vue'
import BeginLetter from '@/letters/BeginLetter.vue'
import SendDialog from '@/letters/SendDialog.vue'
import ResultFiles from '@/people/ResultFiles.vue'
import ToErase from '@/people/ToErase.vue'
import HurtParts from '@/plateau/HurtParts.vue'
import { WIDTH } from '@/plateau/shapes'
import { useCatalogue } from '@/stores/catalogue'
import front from '../../resources/drawings/front.json'
import { catalogue } from './fixtures'
import { server } from './support'

/** The screens around letters, files and what ends: what they ask the server, and what they never ask. */
beforeEach(() => setActivePinia(createPinia()))

const router = () =>
  createRouter({
    history: createMemoryHistory(),
    routes: [
      { path: '/', name: 'today', component: { template: '<i />' } },
      { path: '/letters/:id', name: 'letter', component: { template: '<i />' } },
      { path: '/doctors', name: 'doctors', component: { template: '<i />' } },
    ],
  })
const inPlace = { global: { stubs: { UiDialog: { template: '<div><slot /><slot name="actions" /></div>' } } } }

test('nothing stands there where nothing will be erased, and what is kept longer is asked for anew', async () => {
  server({ status: 200, body: [] })
  const empty = mount(ToErase)
  await flushPromises()
  expect(empty.find('section').exists()).toBe(false)

  const one = { id: '01A', name: 'Ada Own', squad: 'Judo', on: '2036-06-10' }
  const asked = server({ status: 200, body: [one] }, { status: 204 }, { status: 200, body: [] })
  const announced = mount(ToErase)
  await flushPromises()
  expect(announced.text()).toContain('Judo, on 10 Jun 2036')
  await announced.get('button').trigger('click')
  await flushPromises()
  expect(asked.map(({ method, path }) => `${method} ${path}`)).toEqual([
    'GET /api/retention',
    'PUT /api/athletes/01A/retention',
    'GET /api/retention',
  ])
  expect(announced.find('section').exists()).toBe(false)
})

const result = (files: object[]) => ({
  id: '01O',
  kind: 'mri' as const,
  label: 'MRI',
  on: '2026-05-01',
  weeks: null,
  note: '',
  treated: 'none' as const,
  answers: [],
  files: files as never[],
  removed: false,
})

test('a file that is too large is told before it is sent, and a removed one offers to come back', async () => {
  const asked = server({ status: 204 })
  const file = { id: '01F', name: 'scan.png', type: 'image/png', bytes: 1_572_864, removed: false }
  const files = mount(ResultFiles, { props: { result: result([file]), mayChange: true }, ...inPlace })
  expect(files.text()).toContain('1.5 MB')
  await files.get('button[aria-label="Add a file: MRI"]').trigger('click')
  const large = new File([new Uint8Array(10_485_761)], 'large.pdf')
  files.getComponent({ name: 'UiFile' }).vm.$emit('chosen', large)
  await flushPromises()
  expect(files.text()).toContain('larger than 10 MB')
  expect(asked).toEqual([])
  await files.get('button[aria-label="Remove: scan.png"]').trigger('click')
  await flushPromises()
  expect(asked.map(({ method, path }) => `${method} ${path}`)).toEqual(['DELETE /api/attachments/01F'])
  expect(files.emitted('changed')).toHaveLength(1)
  await files.setProps({ result: result([{ ...file, removed: true }]) })
  expect(files.find('a').exists()).toBe(false)
  expect(files.find('button[aria-label="Restore: scan.png"]').exists()).toBe(true)
})

test('who may not change a result sees its files and nothing to press', () => {
  server({ status: 204 })
  const file = { id: '01F', name: 'scan.png', type: 'image/png', bytes: 100, removed: false }
  const files = mount(ResultFiles, { props: { result: result([file]), mayChange: false } })
  expect(files.find('a').attributes('href')).toBe('/api/attachments/01F')
  expect(files.findAll('button')).toHaveLength(0)
})

const letter = {
  id: '01L',
  referrals: [
    { id: '01R', title: 'Within days: an X-ray' },
    { id: '01S', title: 'Within two weeks: a knee surgeon' },
  ],
}
const sending = (email: string) =>
  mount(SendDialog, { props: { letter: letter as never, email, busy: false, problem: '' }, ...inPlace })

test('a letter without an address leaves by hand, and carries the referrals that stay ticked', async () => {
  const dialog = sending('')
  const [first] = dialog.findAll('input[type=checkbox]')
  await first!.setValue(false)
  await dialog.findAll('button').at(-1)!.trigger('click')
  expect(dialog.emitted('send')).toEqual([['hand', ['01S']]])
})

test('with one it leaves by mail, and says that mail can be read in transit', async () => {
  const dialog = sending('post@ortho.example')
  expect(dialog.text()).toContain('E-mail can be read in transit')
  await dialog.findAll('button').at(-1)!.trigger('click')
  expect(dialog.emitted('send')).toEqual([['mail', ['01R', '01S']]])
})

test('while nobody is in the book a letter is begun at once, to someone who is named later', async () => {
  const asked = server({ status: 200, body: [] }, { status: 201, body: { id: '01L' } })
  const way = router()
  mount(BeginLetter, { props: { examination: '01E' }, global: { ...inPlace.global, plugins: [way] } })
  await flushPromises()
  expect(asked.map(({ method, path, body }) => [method, path, body])).toEqual([
    ['GET', '/api/doctors', {}],
    ['POST', '/api/examinations/01E/letters', { doctor: null }],
  ])
  expect(way.currentRoute.value.fullPath).toBe('/letters/01L')
})

test('the parts that are spoken of are counted and named, on the right knee as in a mirror, and no chance is told', async () => {
  server({ status: 200, body: catalogue() })
  await useCatalogue().load()
  const drawn = (side: 'left' | 'right') => mount(HurtParts, { props: { parts: ['acl'], side } })
  const [left, right] = [drawn('left'), drawn('right')]
  expect(left.text()).toContain('1 The front cross ligament (ACL)')
  const dots = (of: typeof left) =>
    of.findAll('svg').map((view) => {
      expect(view.findAll('.marked')).toHaveLength(1)
      return Number(view.get('circle').attributes('cx'))
    })
  const fromRight = dots(right)
  const widths = [front.width, WIDTH]
  dots(left).forEach((x, view) => expect(x + fromRight[view]!).toBeCloseTo(widths[view]!))
  expect(fromRight).toHaveLength(2)
  expect(left.text()).not.toMatch(/in 100/)
})

test('a rule reaches as far as what was measured before, and marks the sound knee with a ring', () => {
  const rule = mount(NumberRule, {
    props: {
      value: undefined,
      last: 24,
      sound: 30,
      least: 0,
      most: 60,
      unit: 'mm',
      label: 'Translation',
      stretch: 20,
      step: 1,
    },
  })
  expect(rule.get('.sound').attributes('style')).toContain('left: 100%')
  expect(rule.get('.last').attributes('style')).toContain('left: 80%')
  expect(rule.find('.needle').exists()).toBe(false)
})
