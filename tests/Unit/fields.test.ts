import { mount } from '@vue/test-utils'
import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, expect, test } from 'vitest'
import FieldInput from '@/bench/inputs/FieldInput.vue'
import type { Field, Payload } from '@/contract/types'
import { useCatalogue } from '@/stores/catalogue'
import { catalogue, field } from './fixtures'
import { server } from './support'

beforeEach(async () => {
  setActivePinia(createPinia())
  server({ status: 200, body: catalogue() })
  await useCatalogue().load()
})

function drawn(of: Field, payload: Payload = {}) {
  return mount(FieldInput, { props: { field: of, payload, knee: 'L · hurt knee', side: 'left' } })
}

test('each control is the one that the catalogue names', () => {
  const number = { kind: 'number', least: 0, most: 40, unit: 'mm' } as const
  const controls: [Field, string][] = [
    [field('bruise'), 'FlagPicker'],
    [field('shift', { ...number, widget: 'ruler' }), 'NumberRule'],
    [field('bend', { ...number, unit: '°', widget: 'arc_bend' }), 'DegreeArc'],
    [field('ache', { kind: 'number', least: 0, most: 10, unit: '/10', widget: 'pain' }), 'PainStrip'],
    [field('gives', { kind: 'word', words: ['same', 'slight'], widget: 'bands' }), 'BandPicker'],
    [field('end', { kind: 'word', words: ['firm', 'soft'], widget: 'end_feel' }), 'EndFeelPicker'],
    [field('wave', { kind: 'word', words: ['none', 'bulge'], widget: 'wave' }), 'SweepWave'],
    [field('where', { kind: 'words', words: ['medial_front'], widget: 'joint_line' }), 'JointLinePoints'],
    [field('spot', { kind: 'words', words: ['fibular_head'], widget: 'landmarks' }), 'LandmarkPicture'],
    [field('path', { kind: 'word', words: ['smooth'], widget: 'words' }), 'WordPicker'],
  ]
  for (const [of, name] of controls) expect(drawn(of).findComponent({ name }).exists(), name).toBe(true)
})

test('a second tap on the same answer takes it back', async () => {
  const yes = drawn(field('bruise'), { bruise: true })
  const [no, chosen] = yes.findAll('input[type=radio]')
  await chosen?.trigger('click')
  await no?.setValue()
  expect(yes.emitted('change')).toEqual([[{ bruise: undefined }], [{ bruise: false }]])
})

test('among many words each is put in and taken out by itself', async () => {
  const path = drawn(field('path', { kind: 'words', words: ['smooth', 'jumps'], widget: 'words' }), {
    path: ['smooth'],
  })
  const [smooth, jumps] = path.findAll('input[type=checkbox]')
  await smooth?.setValue(false)
  await jumps?.setValue(true)
  expect(path.emitted('change')).toEqual([[{ path: [] }], [{ path: ['smooth', 'jumps'] }]])
})

test('a label says which knee', () => {
  expect(drawn(field('ache', { label: 'Pain', widget: 'pain', unit: '/10' })).html()).toContain('Pain, L · hurt knee')
})
