import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, expect, test } from 'vitest'
import { asHeading, findingName, inWords } from '@/stores/words'
import { useCatalogue } from '@/stores/catalogue'
import { catalogue } from './fixtures'
import { server } from './support'

beforeEach(async () => {
  setActivePinia(createPinia())
  server({ status: 200, body: catalogue() })
  await useCatalogue().load()
})

test('it is asked for once', async () => {
  const asked = server({ status: 200, body: catalogue() })
  await useCatalogue().load()
  expect(asked).toEqual([])
})

test('a code of a record is called by its word, its field or its question', () => {
  expect(['thigh_under', 'translationMm', 'rotation', 'deformity', 'never_heard_of'].map(inWords)).toEqual([
    'own thigh under',
    'Translation',
    'Turned',
    'deformity?',
    'never heard of',
  ])
  expect(asHeading('thigh_under')).toBe('Own thigh under')
})

test('what an assessment says has the names of the catalogue', () => {
  const it = useCatalogue()
  expect([it.label('zone', 'act'), it.label('zone', 'unheard'), it.conditionLabel('acl'), it.nameOf('gait')]).toEqual([
    'act',
    'unheard',
    'ACL tear',
    'GAIT',
  ])
  expect(it.urgencyOf({ rule: 'x', urgency: 'emergency', say: '' })).toBe('Emergency, now')
  expect(it.urgencyOf({ rule: 'x', urgency: null, say: '' })).toBe('Heed')
  expect([findingName('story_pop', it.catalogue), findingName('thigh_under', null)]).toEqual(['Pop', 'Own thigh under'])
})

test('a manoeuvre that is not there is a mistake, not a blank', () => {
  expect(useCatalogue().manoeuvre('lachman').station).toBe('supine')
  expect(() => useCatalogue().manoeuvre('tickle')).toThrow('tickle')
})

test('a code that stands alone excludes the others, and the others exclude it', () => {
  const { toggled } = useCatalogue()
  expect(toggled([], 'twist')).toEqual(['twist'])
  expect(toggled(['twist'], 'blow')).toEqual(['twist', 'blow'])
  expect(toggled(['twist', 'blow'], 'none_recalled')).toEqual(['none_recalled'])
  expect(toggled(['none_recalled'], 'twist')).toEqual(['twist'])
  expect(toggled(['none_recalled'], 'none_recalled')).toEqual([])
})
