import { flushPromises, mount } from '@vue/test-utils'
import { createPinia, setActivePinia } from 'pinia'
import { afterEach, beforeEach, expect, test, vi } from 'vitest'
import WebhookDeliveries from '@/exchange/WebhookDeliveries.vue'
import WebhookList from '@/exchange/WebhookList.vue'
import { server } from './support'

/** Other programs that are told of what happens. */
beforeEach(() => setActivePinia(createPinia()))
afterEach(() => {
  vi.useRealTimers()
  document.body.innerHTML = ''
})

const OK = <T>(body: T) => ({ status: 200, body })
const EVENTS = [
  { id: 'examination.signed', label: 'Examination signed' },
  { id: 'review.due', label: 'Re-examination due' },
]
const delivery = (state: string, also: object = {}) => ({
  id: '01D',
  event: 'test',
  label: 'Test',
  state,
  attempts: 1,
  status: null,
  problem: null,
  at: '2026-05-01T09:00:00Z',
  nextAt: null,
  ...also,
})
const hook = (last: object | null) => ({
  id: '01W',
  address: 'https://records.marsh.example/told',
  events: ['examination.signed'],
  at: '2026-05-01T08:00:00Z',
  last,
})
const list = (webhooks: object[], areAllowed = true) => OK({ webhooks, events: EVENTS, areAllowed })

test('a webhook is added with what it is told, and its secret is shown once', async () => {
  const asked = server(list([]), { status: 201, body: { webhook: hook(null), secret: 'a secret' } }, list([hook(null)]))
  const view = mount(WebhookList, { attachTo: document.body })
  await flushPromises()
  await view.get('form').trigger('submit')
  await flushPromises()
  await vi.waitFor(() => expect(view.text()).toContain('Enter the address of the program.'))
  await view.get('input[aria-label="Address of the program"]').setValue('https://records.marsh.example/told')
  await view.findAll('input[type=checkbox]')[1]!.setValue(false)
  await view.get('form').trigger('submit')
  await flushPromises()
  expect(asked[1]!.body).toEqual({
    address: 'https://records.marsh.example/told',
    events: ['examination.signed'],
  })
  expect(view.get<HTMLInputElement>('input[aria-label="Secret of the webhook"]').element.value).toBe('a secret')
  expect(view.get('li').text()).toContain('Examination signed')
  view.unmount()
})

test('where the operator allows no address there is nothing to fill in', async () => {
  server(list([], false))
  const view = mount(WebhookList)
  await flushPromises()
  expect(view.text()).toContain('has not allowed any addresses')
  expect(view.find('form').exists()).toBe(false)
})

test('a test is followed until it arrives, and what failed is sent again by hand', async () => {
  vi.useFakeTimers({ toFake: ['setTimeout', 'clearTimeout'] })
  const failed = delivery('failed', { attempts: 10, status: 500, problem: 'it answered with status 500' })
  const asked = server(
    OK([delivery('waiting')]),
    OK([failed]),
    { status: 202, body: delivery('waiting') },
    OK([delivery('delivered')]),
  )
  const view = mount(WebhookDeliveries, { props: { webhook: '01W' } })
  await flushPromises()
  expect(view.text()).toContain('not delivered yet')
  await vi.advanceTimersByTimeAsync(2_100)
  await flushPromises()
  expect(view.text()).toContain('not delivered within a day · it answered with status 500 · 10 attempts')
  await view.get('button').trigger('click')
  await flushPromises()
  expect(asked[2]).toMatchObject({ method: 'POST', path: '/api/webhooks/01W/deliveries/01D' })
  expect(view.text()).toContain('delivered')
  expect(view.find('button').exists()).toBe(false)
  view.unmount()
})
