import { flushPromises, mount } from '@vue/test-utils'
import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, expect, test } from 'vitest'
import { defineComponent, h, ref, shallowRef } from 'vue'
import { RouterView, createMemoryHistory, createRouter } from 'vue-router'
import { GATE, type Place, HISTORY } from '@/bench/route/places'
import { usePlaceInHistory } from '@/bench/route/usePlaceInHistory'
import { useCatalogue } from '@/stores/catalogue'
import { catalogue } from './fixtures'

/** The browser's own back and forward on the bench. */
const at = (id: string): Place => ({ kind: 'manoeuvre', id })

async function stand(address: string) {
  const place = ref<Place>(HISTORY)
  const ready = ref(false)
  const held = shallowRef(false)
  const Bench = defineComponent(() => {
    usePlaceInHistory({ place, ready, go: (to) => held.value || (place.value = to) })
    return () => h('main')
  })
  const routes = [
    { path: '/examinations/:id', name: 'bench', component: Bench },
    { path: '/', name: 'today', component: { render: () => h('p') } },
  ]
  const router = createRouter({ history: createMemoryHistory(), routes })
  await router.push('/')
  await router.push(address)
  mount(RouterView, { global: { plugins: [router] } })
  await flushPromises()
  const went = async (by: number) => {
    router.go(by)
    await flushPromises()
  }
  return { place, ready, held, router, went }
}

beforeEach(() => {
  setActivePinia(createPinia())
  useCatalogue().catalogue = catalogue()
})

test('back goes one place back, and from the first place to where one came from', async () => {
  const { place, ready, router, went } = await stand('/examinations/1')
  ready.value = true
  await flushPromises()
  for (const to of [GATE, at('lachman')]) {
    place.value = to
    await flushPromises()
  }
  expect(router.currentRoute.value.hash).toBe('#lachman')
  await went(-1)
  expect(place.value).toEqual(GATE)
  await went(1)
  expect(place.value).toEqual(at('lachman'))
  await went(-2)
  expect(place.value).toEqual(HISTORY)
  await went(-1)
  expect(router.currentRoute.value.name).toBe('today')
})

test('a reload stays at its place once the examination is there, and an unknown one begins at the history', async () => {
  const { place, ready } = await stand('/examinations/1#lachman')
  expect(place.value).toEqual(HISTORY)
  ready.value = true
  await flushPromises()
  expect(place.value).toEqual(at('lachman'))
  const other = await stand('/examinations/1#nowhere')
  other.ready.value = true
  await flushPromises()
  expect([other.place.value, other.router.currentRoute.value.hash]).toEqual([HISTORY, ''])
})

test('a place that may not be left keeps its address', async () => {
  const { place, ready, held, router, went } = await stand('/examinations/1')
  ready.value = true
  await flushPromises()
  place.value = at('lachman')
  await flushPromises()
  held.value = true
  await went(-1)
  expect([place.value, router.currentRoute.value.hash]).toEqual([at('lachman'), '#lachman'])
})

test('of moves one right after the other the last one stands', async () => {
  const { place, ready, router } = await stand('/examinations/1')
  ready.value = true
  await flushPromises()
  for (const to of [GATE, at('lachman'), at('gait'), at('pivot')]) {
    place.value = to
    await Promise.resolve()
  }
  await flushPromises()
  expect([place.value, router.currentRoute.value.hash]).toEqual([at('pivot'), '#pivot'])
})
